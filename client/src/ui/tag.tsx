import { View } from 'react-native';

import { Txt } from './txt';

/** The tag that hangs on the bike: square where the string is, round at the other end. */
export function Tag({ text }: { text: string }) {
  return (
    <View className="rounded-l-sm rounded-r-2xl border-2 border-ink bg-sheet px-2 py-0.5">
      <Txt size="label" figure bold numberOfLines={1}>
        {text}
      </Txt>
    </View>
  );
}
