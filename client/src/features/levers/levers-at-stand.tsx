import type { BikeRecord } from '@cricket/contract/shapes';
import { leversOfBike } from '@cricket/core/lever-question';
import { useMemo } from 'react';
import { View } from 'react-native';

import { useKits } from '../../job/bike/use-kits';
import { FindingRows } from '../../job/findings/finding-rows';
import { leversPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** At the steps of the levers: what is done at each, in order, or where to write the levers down. */
export function LeversAtStand({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const kits = useKits(record);
  const result = useMemo(() => (kits ? leversOfBike(facts, kits) : null), [facts, kits]);
  return (
    <View>
      {result?.chosen.map((way) => (
        <View key={way.end} className="px-4 py-2">
          <Txt bold>{`${words.ends[way.end]}: ${words.does(way)}`}</Txt>
          {way.steps.map((step, index) => (
            <Txt key={step}>{`${index + 1}  ${words.steps[step]}`}</Txt>
          ))}
        </View>
      ))}
      <FindingRows findings={result?.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={leversPath(id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{result ? words.toLevers : words.write}</Txt>
      </ToPage>
    </View>
  );
}
