import type { BikeRecord } from '@cricket/contract/shapes';
import { arrangementLines, stillSo } from '@cricket/core/arrangement';
import type { RoomStation } from '@cricket/core/whole-bike';
import { View } from 'react-native';

import { useKits } from '../bike/use-kits';
import { Txt } from '../../ui/txt';
import { takenOf, TakenLine } from './take-arrangement';
import { say } from '../../ui/say';

/** At the steps that build a station: how it was taken, in words, and whether that still holds. Nothing while nobody has taken it. */
export function AsTaken({ record, station }: { record: BikeRecord; station: RoomStation }) {
  const kits = useKits(record);
  const taken = takenOf(record, station);
  if (!taken || !kits) return null;
  const isSo = stillSo(taken.input, station, record.bike.facts, kits);
  return (
    <View className="gap-1 border-t border-rule px-4 py-2" testID="as-taken">
      <TakenLine taken={taken} isSo={isSo} />
      {arrangementLines[taken.kind](taken.result.chosen as never).map((line) => (
        <Txt key={say(line)} verbatim>
          {say(line)}
        </Txt>
      ))}
    </View>
  );
}
