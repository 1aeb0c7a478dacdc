import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import type { Query } from '@tanstack/react-query';
import { Slot, usePathname } from 'expo-router';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { followChanges } from '../data/follow-changes';
import { keepAtHand } from '../data/keep-at-hand';
import { persister } from '../data/persister';
import { workedOut } from '../workers/use-worked';
import { prefetchPieces } from '../data/prefetch-pieces';
import { keptForMs, pageBeganAt, queryClient } from '../data/queries';
import { useSession } from '../data/use-session';
import { useUnitsOfShop } from './use-units-of-shop';
import { Bar } from './bar';
import { listenToKeys } from './key-presses';
import { Fetching, Notice } from '../ui/notice';
import { NewerStrip } from './newer-strip';
import { SyncStrip } from './sync-strip';
import { useDark } from '../ui/tones';
import { Txt } from '../ui/txt';
import { useWide } from '../ui/use-wide';
import { words } from '../ui/words';

/** Everything around a page: data, theme, the bar, the sync strip. */
export function AppFrame() {
  const wide = useWide();
  // With jaws in one hand nobody goes elsewhere: the room is the keypad's.
  const measuring = usePathname().endsWith('/measure');
  useTheme();
  useEffect(() => listenToKeys(document), []);
  useEffect(() => {
    const timer = setTimeout(() => void prefetchPieces(), 1500);
    return () => clearTimeout(timer);
  }, []);
  return (
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={{ persister, maxAge: keptForMs, buster: '3', dehydrateOptions }}
      // What was kept is shown at once, and asked for anew at once; what this page has asked for itself is new.
      onSuccess={() => void queryClient.invalidateQueries({ predicate: isKept })}
    >
      <Door>
        <Pressable role="link" onPress={toPage} className="to-page">
          <Txt bold>{words.toPage}</Txt>
        </Pressable>
        <View className={`min-h-0 min-w-0 flex-1 bg-paper ${wide ? 'flex-row' : 'flex-col-reverse'}`}>
          {measuring && !wide ? null : <Bar wide={wide} />}
          <View className="min-h-0 min-w-0 flex-1">
            <NewerStrip />
            <SyncStrip />
            <Slot />
          </View>
        </View>
      </Door>
    </PersistQueryClientProvider>
  );
}

const isKept = ({ state }: Query) => state.dataUpdatedAt < pageBeganAt;

/** Past the bar, for whoever goes by keys. */
function toPage(): void {
  document.querySelector<HTMLElement>('main')?.focus();
}

/**
 * What was read once is kept, also when the last attempt to read it anew failed: just then it is needed. What was worked out here
 * is worked out again.
 */
const dehydrateOptions = {
  shouldDehydrateQuery: ({ state, queryKey }: { state: { data?: unknown }; queryKey: readonly unknown[] }) =>
    state.data !== undefined && queryKey[0] !== workedOut,
};

const SignInScreen = lazy(async () => ({ default: (await import('../session/sign-in-screen')).SignInScreen }));

/** Lets in whoever is signed in. Without the server, whoever was when it last answered. */
function Door({ children }: { children: ReactNode }) {
  const session = useSession();
  const inside = Boolean(session.data?.person);
  useEffect(() => {
    if (!inside) return undefined;
    const timer = setTimeout(() => void keepAtHand(), 4000);
    return () => clearTimeout(timer);
  }, [inside]);
  useEffect(() => (inside ? followChanges(queryClient) : undefined), [inside]);
  if (inside) return <InUnitsOfShop>{children}</InUnitsOfShop>;
  if (session.data) {
    return (
      <Suspense fallback={<Fetching />}>
        <SignInScreen empty={session.data.empty} />
      </Suspense>
    );
  }
  if (session.isPending) return <Fetching />;
  return (
    <Notice
      title={words.failed}
      because={words.failedWhy}
      action={{ label: words.again, onPress: () => void session.refetch() }}
    />
  );
}

/** Pages read in the units of the shop, which only who is in may ask for. */
function InUnitsOfShop({ children }: { children: ReactNode }) {
  useUnitsOfShop();
  return children;
}

/** Shown in place of a page that has thrown. */
export function AppError({ error }: { error: Error }) {
  useEffect(() => console.error(error), [error]);
  return (
    <Notice
      title={words.broken}
      because={words.brokenWhy}
      action={{ label: words.reload, onPress: () => window.location.reload() }}
    />
  );
}

function useTheme(): void {
  const dark = useDark();
  useEffect(() => {
    document.documentElement.classList.toggle('dark', dark);
  }, [dark]);
}
