import type { BikeRecord } from '@cricket/contract/shapes';
import { frameSpots } from '@cricket/core/battery-bay';
import { placesAt, type CableRunsInput, type CableRunsResult, type Setting, type Spot } from '@cricket/core/cable-runs';
import {
  cablePlan,
  cableScene,
  movedSpot,
  straight,
  type CableCrop,
  type CableViewFrom,
  type HeldPlaces,
  type Point,
} from '@cricket/core/cable-scene';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { CableView } from '../../drawing/cable-view/cable-view';
import { useLive, type Live } from '../../drawing/kit/live';
import { SaveDrawing } from '../../drawing/kit/save-drawing';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { useMay } from '../../data/use-session';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { Runs, RunsListed } from './runs';
import { SettingSliders } from './setting-sliders';
import { useCables } from './use-cables';
import { words } from './words';
import { say } from '../../ui/say';

const noneHeld: HeldPlaces = {};
const isStraight = ({ steerDeg, travelMm, swingDeg, pose }: Setting) =>
  steerDeg === 0 && travelMm === 0 && swingDeg === 0 && pose === undefined;

/** The bike with its cables: places that are pushed to where they are, movements that are tried, and every run with what it needs. */
export function CablesLaid({ record }: { record: BikeRecord }) {
  const { facts } = record.bike;
  const { cables } = facts;
  const [pushed, setPushed] = useState<Readonly<Record<string, Spot>>>({});
  const { tell, messages } = useTell(record);
  const shown = useMemo(() => {
    if (!cables?.anchors || Object.keys(pushed).length === 0) return facts;
    const anchors = cables.anchors.map(({ guessed, ...anchor }) =>
      pushed[anchor.id] ? { ...anchor, at: pushed[anchor.id]! } : { ...anchor, ...(guessed && { guessed }) },
    );
    return { ...facts, cables: { ...cables, anchors } };
  }, [facts, cables, pushed]);
  const { missing, input, result, contradiction } = useCables(record, shown);
  const isPushed = Object.keys(pushed).length > 0;
  const { live, push, drop } = useLive<HeldPlaces>(noneHeld, (held) => setPushed((before) => ({ ...before, ...held })));
  const putBack = () => {
    drop();
    setPushed({});
  };
  const keep = async () => {
    const held = live.get() ?? noneHeld;
    const anchors = shown.cables!.anchors!.map(({ guessed, ...anchor }) =>
      held[anchor.id] ? { ...anchor, at: held[anchor.id]! } : { ...anchor, ...(guessed && { guessed }) },
    );
    if (await tell({ cables: { ...cables, anchors } })) putBack();
  };
  return (
    <View>
      {missing.length > 0 ? (
        <View className="px-4 pb-2">
          <Txt>{words.waiting}</Txt>
          {missing.map((need) => (
            <Txt key={need} bold>
              {words.needs[need]}
            </Txt>
          ))}
        </View>
      ) : null}
      {contradiction ? <Txt className="px-4 pb-2">{words.contradiction(say(contradiction))}</Txt> : null}
      {input && !contradiction ? (
        result ? (
          <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
        ) : (
          <Txt className="px-4 pb-2">{words.working}</Txt>
        )
      ) : null}
      {input ? (
        <Drawn
          record={record}
          input={input}
          result={result}
          live={live}
          // Several may be held at once: none of them is forgotten for the next.
          onPush={(id, at) => push({ ...live.get(), [id]: at })}
        />
      ) : null}
      {result ? null : <RunsListed record={record} />}
      <Alerts messages={messages} />
      {isPushed ? (
        <View className="flex-row flex-wrap gap-3 px-4 py-2">
          <RoleButton needs="work" label={words.keepPlaces} onPress={() => void keep()} testID="keep-places" />
          <Button label={words.putBack} onPress={putBack} testID="put-back" />
        </View>
      ) : null}
      {result ? <FindingRows findings={result.findings.filter(({ verdict }) => verdict !== 'goes')} /> : null}
    </View>
  );
}

interface DrawnProps {
  record: BikeRecord;
  /** Places that are held before the page has followed. */
  live: Live<HeldPlaces>;
  input: CableRunsInput;
  result: CableRunsResult | null;
  onPush: (id: string, at: Spot) => void;
}

function Drawn({ record, live, input, result, onPush }: DrawnProps) {
  const { frame } = record.bike.facts;
  const may = useMay();
  const [width, setWidth] = useState(0);
  const [from, setFrom] = useState<CableViewFrom>('side');
  const [crop, setCrop] = useState<CableCrop>('all');
  const [setting, setSetting] = useState<Setting>(straight);
  const [picked, setPicked] = useState<string | null>(input.cables[0]?.id ?? null);
  const run = result?.cables.find(({ id }) => id === picked) ?? null;
  const triangle = useMemo(() => (frame?.tubes ? (frameSpots(frame.tubes)?.triangle ?? null) : null), [frame?.tubes]);
  const plan = cablePlan(input, run, setting, from, crop, triangle);
  const canPush = may.work && isStraight(setting);
  const { anchors } = placesAt(input, straight);
  const push = (id: string, by: Point) => {
    const [x, y, z] = movedSpot(from, live.get()?.[id] ?? anchors[id]!, by);
    onPush(id, [tenth(x), tenth(y), tenth(z)]);
  };
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <View className="gap-2 px-4 pb-2">
        <Segments
          label={words.view}
          options={Object.entries(words.views) as [CableViewFrom, string][]}
          value={from}
          onChange={setFrom}
        />
        <Segments
          label={words.crop}
          options={Object.entries(words.crops) as [CableCrop, string][]}
          value={crop}
          onChange={setCrop}
        />
      </View>
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet">
          <CableView
            plan={plan}
            from={from}
            width={width}
            label={words.drawn(picked)}
            places={
              canPush
                ? plan.anchors.map(({ id }) => {
                    const [x, y, z] = anchors[id]!;
                    return { id, says: words.push(id, figure(x, 0), figure(y, 0), figure(z, 0)) };
                  })
                : []
            }
            onPush={push}
            live={live}
          />
        </View>
      ) : null}
      <Txt size="label" tone="soft" className="px-4 py-2">
        {canPush ? words.hint : words.onlyStraight}
      </Txt>
      <SaveDrawing name={`${record.bike.tag}-cables`} scene={(wide) => cableScene(plan, from, wide)} />
      <SettingSliders input={input} setting={setting} onChange={setSetting} />
      {isStraight(setting) ? null : (
        <View className="items-start px-4 py-2">
          <Button label={words.straight} onPress={() => setSetting(straight)} testID="straight" />
        </View>
      )}
      {result ? <Runs record={record} result={result} picked={picked} onPick={setPicked} onShow={setSetting} /> : null}
    </View>
  );
}

const tenth = (mm: number): number => Number(mm.toFixed(1));
