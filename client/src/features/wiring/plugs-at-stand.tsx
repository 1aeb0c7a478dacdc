import type { BikeRecord } from '@cricket/contract/shapes';
import { wiringOfBike } from '@cricket/core/wiring-question';
import { useMemo } from 'react';
import { View } from 'react-native';

import { FindingRows } from '../../job/findings/finding-rows';
import { wiringPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { JoinTables } from './join-tables';
import { words } from './words';

/** At the steps of the plugs: what meets what, contact by contact, or where to write the plugs down. */
export function PlugsAtStand({ bike }: { bike: BikeRecord['bike'] }) {
  const wiring = useMemo(() => wiringOfBike(bike.facts), [bike.facts]);
  const open = wiring.kind === 'open' ? wiring : null;
  return (
    <View>
      <FindingRows findings={open?.result.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      {open ? <JoinTables plugs={open.input.plugs} result={open.result} /> : null}
      <ToPage to={wiringPath(bike.id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{open ? words.toPlugs : words.toWriteDown}</Txt>
      </ToPage>
    </View>
  );
}
