import type { EndAdapterResult } from '@cricket/core/end-adapter';
import { View } from 'react-native';

import { mm } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { say } from '../../ui/say';

/** How a hub that is made for several ends is put together for this one, and which screw goes where. */
export function BuiltUp({ adapter }: { adapter: EndAdapterResult }) {
  return (
    <View className="gap-1 border-b border-rule px-4 py-3" testID="built-up">
      <Txt bold heading={2}>
        {words.builtUp}
      </Txt>
      {adapter.order.map((step, index) => (
        <Txt key={say(step)}>{`${index + 1}  ${say(step)}`}</Txt>
      ))}
      {adapter.screws.map(({ hole, screw, engagementMm }) => (
        <Txt key={hole} tone="soft">
          {words.screwIn(screw, hole, mm(engagementMm))}
        </Txt>
      ))}
    </View>
  );
}
