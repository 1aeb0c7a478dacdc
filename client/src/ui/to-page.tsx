import { Link } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable } from 'react-native';

import type { Page } from './pages';

export interface ToPageProps {
  to: Page;
  /** Instead of the page that is open: Back does not come here again. */
  instead?: boolean;
  className?: string;
  'aria-label'?: string;
  'aria-current'?: 'page' | undefined;
  testID?: string;
  children: ReactNode;
}

/** A link with an address: it opens in another tab, is copied and is followed by Enter, as links are. */
export function ToPage({ to, instead = false, children, ...rest }: ToPageProps) {
  return (
    <Link href={to} replace={instead} asChild>
      <Pressable role="link" {...rest}>
        {children}
      </Pressable>
    </Link>
  );
}
