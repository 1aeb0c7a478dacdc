import type { BikeRecord } from '@cricket/contract/shapes';
import type { BayTube, Stretch } from '@cricket/core/battery-bay';
import { bayOfBike, type BayOfBike } from '@cricket/core/bay-question';
import { bayPlan, bayScene } from '@cricket/core/bay-scene';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { useLive, type Live } from '../../drawing/kit/live';
import { BaySide } from '../../drawing/bay-side/bay-side';
import { SaveDrawing } from '../../drawing/kit/save-drawing';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { verdictWords } from '../../ui/mark';
import { Section } from '../../ui/section';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { whereItLies } from './bay-words';
import { BoxControls } from './box-controls';
import { snapped } from './snapped';
import { useBoxPlace } from './use-box-place';
import { words } from './words';

/** The frame with the battery in it, which is pushed along its tube; or what is still to be measured. */
export function BayLaid({ record }: { record: BikeRecord }) {
  const { facts } = record.bike;
  const [tube, setTube] = useState<BayTube>(facts.bay?.at?.tube ?? 'down');
  const bay = useMemo(() => bayOfBike(facts, tube), [facts, tube]);
  if (bay.kind === 'no-frame') return <Txt className="px-4 pb-2">{words.noFrame}</Txt>;
  if (bay.kind === 'waiting') {
    const { both, frame, pack } = words.waiting;
    return <Txt className="px-4 pb-2">{bay.isPackKnown ? frame : bay.isFrameKnown ? pack : both}</Txt>;
  }
  return (
    <>
      <View className="px-4 pb-3">
        <Segments
          label={words.whichTube}
          options={(['down', 'seat'] as const).map((name) => [name, words.tube[name]] as const)}
          value={tube}
          onChange={setTube}
        />
      </View>
      <OnTube key={tube} record={record} bay={bay} tube={tube} />
    </>
  );
}

interface OnTubeProps {
  record: BikeRecord;
  bay: Extract<BayOfBike, { kind: 'open' }>;
  tube: BayTube;
}

function OnTube({ record, bay, tube }: OnTubeProps) {
  const { facts } = record.bike;
  const { input, result } = bay;
  const kept = facts.bay?.at?.tube === tube ? facts.bay.at : undefined;
  const { min, max } = useMemo(() => reach(input.tubes[tube].lengthMm, input.battery.lengthMm), [input, tube]);
  const best = result.chosen?.fromMm ?? (min + max) / 2;
  const [pushedTo, setPushedTo] = useState<number | null>(kept?.fromMm ?? null);
  const [width, setWidth] = useState(0);
  const { tell, messages } = useTell(record);
  const fromMm = pushedTo ?? best;
  const { live, push, drop } = useLive<number | null>(pushedTo, setPushedTo);
  // Where the hand has it, though the page may not have followed yet.
  const held = () => live.get() ?? pushedTo;
  const layBest = () => {
    drop();
    setPushedTo(null);
  };
  const laid = useMemo(() => bay.laidAt(fromMm), [bay, fromMm]);
  const box = useBoxPlace(facts, laid);
  const plan = bayPlan(input, result.triangle, laid, box?.placed.outline);
  const isKept = kept !== undefined && kept.fromMm === (pushedTo ?? undefined);
  const { verdict } = result.chosen ? laid : result;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <VerdictLine verdict={verdict} className="px-4 pb-1" />
      <Txt className="px-4 pb-2" testID="bay-says">
        {whereItLies(laid, tube)}
      </Txt>
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet py-1">
          <BaySide
            plan={plan}
            width={width}
            verdict={verdict}
            label={words.drawn(tube, figure(fromMm, 0))}
            push={{
              value: fromMm,
              min,
              max,
              label: words.push,
              says: words.pushed(figure(fromMm, 0), verdictWords[verdict]),
              live: live as Live<number>,
              onPush: (next, isDragged) => push(isDragged ? snapped(next, result) : next),
            }}
            {...(box && {
              pushBox: {
                says: words.box.pushed(figure(box.placed.place.at[0], 0), figure(box.placed.place.at[1], 0)),
                isStopped: box.isStopped,
                live: box.live,
                onPush: box.push,
              },
            })}
          />
        </View>
      ) : null}
      <Txt size="label" tone="soft" className="px-4 pt-2">
        {words.legend}
      </Txt>
      <Txt size="label" tone="soft" className="px-4 pb-2">
        {result.intervals.length > 0 ? words.rooms(stretches(result.intervals)) : words.noRoom}
      </Txt>
      <Alerts messages={messages} />
      <View className="flex-row flex-wrap items-center gap-3 px-4 pb-3">
        {isKept ? (
          <Txt tone="soft">{words.kept}</Txt>
        ) : verdict === 'stop' ? null : (
          <RoleButton
            needs="work"
            label={words.keepPlace}
            onPress={() =>
              void tell({
                bay: { ...facts.bay, at: { tube, ...(held() !== null && { fromMm: Number(held()!.toFixed(1)) }) } },
                job: { ...facts.job, battery: 'triangle' },
              })
            }
            testID="keep-place"
          />
        )}
        {pushedTo !== null && result.chosen ? <Button label={words.best} onPress={layBest} testID="lay-best" /> : null}
      </View>
      <SaveDrawing
        name={`${record.bike.tag}-battery`}
        scene={(wide) => bayScene(plan, wide, { isStopped: verdict === 'stop', isBoxStopped: box?.isStopped ?? false })}
      />
      <FindingRows findings={(result.chosen ? laid : result).findings} />
      {box ? (
        <>
          <Section title={words.controllerTitle} />
          <BoxControls record={record} box={box} />
        </>
      ) : null}
    </View>
  );
}

/** How far a battery can be pushed so that some of it is still beside its tube. */
function reach(tubeMm: number, batteryMm: number): { min: number; max: number } {
  return { min: -50, max: Math.max(tubeMm, tubeMm - batteryMm + 100) };
}

const stretches = (list: readonly Stretch[]): string =>
  list.map(({ fromMm, toMm }) => `${figure(fromMm, 0)}–${figure(toMm, 0)}`).join(', ');
