import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { Slot, usePathname } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';

import { persister } from '../data/persister';
import { prefetchPieces } from '../data/prefetch-pieces';
import { keptForMs, queryClient } from '../data/queries';
import { Bar } from './bar';
import { Notice } from './notice';
import { SyncStrip } from './sync-strip';
import { useDark } from './tones';
import { useWide } from './use-wide';
import { words } from './words';

/** Everything around a page: data, theme, the bar, the sync strip. */
export function AppFrame() {
  const wide = useWide();
  // With jaws in one hand nobody goes elsewhere: the room is the keypad's.
  const measuring = usePathname().endsWith('/measure');
  useTheme();
  useEffect(() => {
    const timer = setTimeout(() => void prefetchPieces(), 1500);
    return () => clearTimeout(timer);
  }, []);
  return (
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={{ persister, maxAge: keptForMs, buster: '1' }}
      // What was kept is shown at once, and asked for anew at once.
      onSuccess={() => void queryClient.invalidateQueries()}
    >
      <View className={`min-h-0 min-w-0 flex-1 bg-paper ${wide ? 'flex-row' : 'flex-col-reverse'}`}>
        {measuring && !wide ? null : <Bar wide={wide} />}
        <View className="min-h-0 min-w-0 flex-1">
          <SyncStrip />
          <Slot />
        </View>
      </View>
    </PersistQueryClientProvider>
  );
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
