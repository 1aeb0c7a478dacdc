import { useEffect, useState } from 'react';
import { View } from 'react-native';

import { registerServiceWorker } from '../data/service-worker';
import { Button } from '../ui/button';
import { Txt } from '../ui/txt';
import { words } from '../ui/words';

/** Says that a newer version of the app is there; nobody is thrown out of a step for it. */
export function NewerStrip() {
  const [takeOver, setTakeOver] = useState<(() => void) | null>(null);
  useEffect(() => registerServiceWorker((given) => setTakeOver(() => given)), []);
  if (!takeOver) return null;
  return (
    <View className="screen-only flex-row items-center gap-3 border-b-2 border-ink bg-sheet px-4 py-2" role="status">
      <Txt size="label" bold className="min-w-0 flex-1">
        {words.newer}
      </Txt>
      <Button label={words.reload} low onPress={takeOver} />
    </View>
  );
}
