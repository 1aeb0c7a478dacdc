import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useOutbox } from '../data/use-outbox';
import { Button } from '../ui/button';
import { Txt } from '../ui/txt';
import { words } from '../ui/words';

/** Says honestly what has not reached the server, and what it refused. Nothing to say: nothing shown. */
export function SyncStrip() {
  const { writes, unreachable, durable } = useOutbox();
  const router = useRouter();
  const refused = writes.filter((write) => write.refused).length;
  const waiting = writes.length - refused;
  if (!unreachable && refused === 0) return null;
  return (
    <View
      className="screen-only flex-row items-center gap-3 border-b-2 border-ink bg-sheet px-4 py-2"
      role="status"
      testID="sync-strip"
    >
      <View className="min-w-0 flex-1">
        {unreachable ? (
          <Txt size="label" bold>
            {words.unreachable(waiting)}
          </Txt>
        ) : null}
        {unreachable && !durable && waiting > 0 ? (
          <Txt size="label" tone="stop">
            {words.notDurable}
          </Txt>
        ) : null}
        {refused > 0 ? (
          <Txt size="label" bold tone="stop">
            {words.refused(refused)}
          </Txt>
        ) : null}
      </View>
      {refused > 0 ? <Button label={words.look} onPress={() => router.navigate('/shop')} /> : null}
    </View>
  );
}
