import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';

import { useEscape } from './use-escape';

export interface OpenedProps {
  /** How it is closed; null for what stays. */
  onClose: (() => void) | null;
  className?: string;
  testID?: string;
  children: ReactNode;
}

/** Something that has opened within a page: the cursor goes into it, Escape closes it, and then it is back where it was. */
export function Opened({ onClose, children, ...rest }: OpenedProps) {
  const box = useRef<View>(null);
  useEscape(onClose);
  useEffect(() => {
    if (typeof document === 'undefined') return undefined;
    const here = box.current as unknown as HTMLElement | null;
    const before = document.activeElement as HTMLElement | null;
    const first = here?.querySelector<HTMLElement>('input, textarea') ?? here;
    first?.focus();
    return () => {
      const lost = document.activeElement === document.body || here?.contains(document.activeElement);
      if (lost && before?.isConnected) before.focus();
    };
  }, []);
  return (
    <View ref={box} tabIndex={-1} {...rest}>
      {children}
    </View>
  );
}
