import type { BikeRecord } from '@cricket/contract/shapes';
import { View } from 'react-native';

import { useTell } from '../../data/use-tell';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import type { PushedBoxPlace } from './use-box-place';
import { words as all } from './words';

const words = all.box;
const turnDeg = 15;

/** Below the drawing: how the controller does where it is pushed to, and what keeps it there. */
export function BoxControls({ record, box }: { record: BikeRecord; box: PushedBoxPlace }) {
  const { facts } = record.bike;
  const { tell, messages } = useTell(record);
  const { placed, isKept, isStopped } = box;
  return (
    <View testID="box-controls">
      <Txt className="px-4 pt-2">{words.says(placed.gaps)}</Txt>
      <Alerts messages={messages} />
      <View className="flex-row flex-wrap items-center gap-3 px-4 py-2">
        <Button label={words.align} low onPress={box.align} testID="box-align" />
        <Button label={words.turn(turnDeg)} low onPress={() => box.turn(turnDeg)} testID="box-turn" />
        {isKept ? (
          <Txt tone="soft">{words.kept}</Txt>
        ) : isStopped ? null : (
          <RoleButton
            needs="work"
            low
            label={words.keep}
            onPress={() => void tell({ bay: { ...facts.bay, box: placed.place } })}
            testID="keep-box"
          />
        )}
      </View>
      <FindingRows findings={placed.findings.filter(({ verdict }) => verdict !== 'goes')} />
    </View>
  );
}
