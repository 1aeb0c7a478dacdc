import type { BikeRecord } from '@cricket/contract/shapes';
import { pedalSensor } from '@cricket/core/pedal-sensor';
import { useMemo } from 'react';
import { View } from 'react-native';

import { FindingRows } from '../../job/findings/finding-rows';
import { cranksPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { whatItTakes, whichWay } from './way-words';
import { words } from './words';

/** At a step of the pedal sensor: the best way to put it on, or where to write down what it takes. */
export function BestSensorWay({ bike }: { bike: BikeRecord['bike'] }) {
  const { cranks } = bike.facts;
  const result = useMemo(() => (cranks ? pedalSensor(cranks) : null), [cranks]);
  const best = result?.ways[0];
  return (
    <View>
      {best ? (
        <View className="px-4 py-2">
          <Txt bold>{whichWay(best)}</Txt>
          <Txt size="label" tone="soft">
            {whatItTakes(best)}
          </Txt>
        </View>
      ) : null}
      <FindingRows findings={result?.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={cranksPath(bike.id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{best ? words.toCranks : words.toWriteDown}</Txt>
      </ToPage>
    </View>
  );
}
