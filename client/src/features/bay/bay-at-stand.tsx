import type { BikeRecord } from '@cricket/contract/shapes';
import { bayOfBike } from '@cricket/core/bay-question';
import { bayPlan } from '@cricket/core/bay-scene';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { BaySide } from '../../drawing/bay-side/bay-side';
import { FindingRows } from '../../job/findings/finding-rows';
import { bayPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { whereItLies } from './bay-words';
import { words } from './words';

/** At the steps that fix the mount: where the battery lies, or where to write down what that takes. */
export function BayAtStand({ bike }: { bike: BikeRecord['bike'] }) {
  const { facts } = bike;
  const bay = useMemo(() => bayOfBike(facts), [facts]);
  const [width, setWidth] = useState(0);
  const at = facts.bay?.at;
  const tube = at?.tube ?? 'down';
  const open = bay.kind === 'open' ? bay : null;
  const fromMm = at?.fromMm ?? open?.result.chosen?.fromMm;
  const laid = useMemo(() => (open && fromMm !== undefined ? open.laidAt(fromMm) : null), [open, fromMm]);
  const findings = laid ?? open?.result;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {open && laid ? (
        <>
          <Txt className="px-4 py-2" bold>
            {whereItLies(laid, tube)}
          </Txt>
          {width > 0 ? (
            <View className="border-y-2 border-ink bg-sheet py-1">
              <BaySide
                plan={bayPlan(open.input, open.result.triangle, laid)}
                width={width}
                verdict={laid.verdict}
                label={words.drawn(tube, figure(laid.fromMm, 0))}
              />
            </View>
          ) : null}
        </>
      ) : null}
      <FindingRows findings={findings?.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={bayPath(bike.id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{open ? words.toFrame : words.toMeasure}</Txt>
      </ToPage>
    </View>
  );
}
