import type { BikeRecord } from '@cricket/contract/shapes';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { FindingRows } from '../../job/findings/finding-rows';
import { cablesPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useCables } from './use-cables';
import { words } from './words';

/** At the steps of the loom: ties, coil and what is wrong of every cable, or where to write down where they run. */
export function CablesAtStand({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const { input, result } = useCables(record, facts);
  return (
    <View>
      {result?.cables.map((run) => (
        <View key={run.id} className="px-4 py-2">
          <Txt bold>{run.id}</Txt>
          <Txt size="label" tone="soft">
            {[
              words.ties(run.tiesMm.map((mm) => figure(mm, 0)).join(', ')),
              ...(run.coilAt ? [words.coil(run.coilAt)] : []),
            ].join(' ')}
          </Txt>
        </View>
      ))}
      <FindingRows findings={result?.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={cablesPath(id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{input ? words.toCables : words.toWriteDown}</Txt>
      </ToPage>
    </View>
  );
}
