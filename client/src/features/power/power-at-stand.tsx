import type { BikeRecord } from '@cricket/contract/shapes';
import { powerOfBike } from '@cricket/core/power-question';
import { useMemo } from 'react';
import { View } from 'react-native';

import { useKits } from '../../job/bike/use-kits';
import { FindingRows } from '../../job/findings/finding-rows';
import { powerPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { words } from './words';

/** At the steps that close the circuit: whether the way of the current goes, or where to write it down. */
export function PowerAtStand({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const kits = useKits(record);
  const power = useMemo(() => (kits ? powerOfBike(facts, kits) : null), [facts, kits]);
  const open = power?.kind === 'open' ? power : null;
  return (
    <View>
      {open ? <VerdictLine verdict={open.result.verdict} className="px-4 py-2" /> : null}
      <FindingRows findings={open?.result.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={powerPath(id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{open ? words.toPower : words.toWriteDown}</Txt>
      </ToPage>
    </View>
  );
}
