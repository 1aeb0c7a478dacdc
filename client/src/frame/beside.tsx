import { Slot } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';

import { useWide } from '../ui/use-wide';

export interface BesideProps {
  /** The list itself, which is also the page while none of its lines is open. */
  list: ReactNode;
  /** Whether one of its lines is open. */
  open: boolean;
  /** The line has the whole width for itself. */
  hidden?: boolean;
  /** How much of the width the list keeps. */
  width: string;
}

/** On a wide screen a list stays in sight left of the line that is worked on. */
export function Beside({ list, open, width, hidden = false }: BesideProps) {
  const wide = useWide();
  if (!wide || hidden) return <Slot />;
  // The same list before and after one of its lines is opened: what is scrolled and searched stays.
  return (
    <View className="min-h-0 flex-1 flex-row">
      <View className={open ? `${width} border-r-2 border-ink` : 'min-w-0 flex-1'}>{list}</View>
      {open ? <Slot /> : null}
    </View>
  );
}
