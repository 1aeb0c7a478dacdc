import { heldStacks } from '@cricket/contract/core-record';
import { openAtTakeIn } from '@cricket/core/take-in-open';
import type { BikeRecord } from '@cricket/contract/shapes';
import { frameSpots } from '@cricket/core/battery-bay';
import { measurePlan } from '@cricket/core/end-facts';
import type { End } from '@cricket/core/features';
import { eventsOf } from '@cricket/core/job-events';
import { endVerdict, type EndState } from '@cricket/core/next-action';
import { useMemo, useState } from 'react';
import type { KitFacts } from '@cricket/core/kit';
import { axleAt } from '@cricket/core/model';
import { pathNeeds } from '@cricket/core/power-question';
import { View } from 'react-native';

import { useWrites } from '../../data/use-writes';
import { BikeMap } from '../../drawing/bike-map/bike-map';
import { dateText } from '../../ui/date-text';
import { verdictWords } from '../../ui/mark';
import { Rule } from '../../ui/rule';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useBeside } from '../../ui/use-page';
import { linesOfEnd } from '../../job/orders/order-lines';
import { words } from './words';
import {
  barPath,
  bayPath,
  bothPath,
  cablesPath,
  cranksPath,
  endPath,
  journalPath,
  leversPath,
  powerPath,
  putBackPath,
  roomPath,
  standPath,
  takeInPath,
  wiringPath,
  type Page,
} from '../../ui/pages';

export interface BikeAsideProps {
  record: BikeRecord;
  end: End;
  states: Record<End, EndState>;
}

/** The bike map, as its frame is measured, with both ends as targets, and the stations of the end in hand. */
export function BikeAside({ record, end, states }: BikeAsideProps) {
  const [width, setWidth] = useState(0);
  useBeside(record.bike.tag);
  const { choose } = useWrites();
  const { tubes } = record.bike.facts.frame ?? {};
  const frame = useMemo(() => (tubes ? (frameSpots(tubes)?.triangle ?? null) : null), [tubes]);
  const pick = (picked: End) => {
    if (picked !== end) void choose(record.bike.id, { place: axleAt(picked), kind: 'place' });
  };
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <View className="border-y-2 border-ink bg-sheet py-2">
        {width > 0 ? (
          <BikeMap
            bike={{ ...record.bike, frame }}
            width={width}
            height={250}
            ends={{ front: endVerdict(states.front), rear: endVerdict(states.rear) }}
            selected={end}
            onPick={pick}
            endNames={words.ends}
          />
        ) : null}
        <View className="flex-row justify-between px-4">
          {(['rear', 'front'] as const).map((side) => (
            <Txt key={side} size="label" figure bold={side === end} tone={side === end ? 'ink' : 'soft'}>
              {words.ends[side]}
            </Txt>
          ))}
        </View>
      </View>
      <Stations
        bikeId={record.bike.id}
        state={states[end]}
        record={record}
        bothChosen={states.front.wheel !== null && states.rear.wheel !== null}
      />
    </View>
  );
}

interface StationRow {
  name: string;
  says: string;
  done: boolean;
  now: boolean;
  path: Page;
}

interface StationsProps {
  bikeId: string;
  state: EndState;
  record: BikeRecord;
  /** A kit is taken at each end. */
  bothChosen: boolean;
}

function Stations({ bikeId, state, record, bothChosen }: StationsProps) {
  const { end, facts, wheel, fit, next } = state;
  const plan = measurePlan(facts).filter(({ required }) => required);
  const done = plan.filter(({ state: how }) => how === 'settled').length;
  const accepted = [...heldStacks(record)].reverse().find(({ place }) => place === axleAt(end));
  const asked = openAtTakeIn(record.bike.facts, end);
  const listed = fit ? linesOfEnd(record, end, fit.shopping) : [];
  const rounds = eventsOf(record.events, 'truing').filter(({ place }) => place === axleAt(end)).length;
  const stepsDone = new Set(
    eventsOf(record.events, 'step')
      .filter(({ data }) => data.how === 'done')
      .map(({ data }) => data.stepId),
  ).size;
  const here = listed.filter((line) => line.state === 'received').length;
  const barParts = record.bike.facts.bar?.parts?.length ?? 0;
  const rows: StationRow[] = [
    {
      name: words.takeIn,
      says: asked.length === 0 ? words.takenIn : words.openAsked(asked.length),
      done: asked.length === 0,
      now: next.kind === 'take-in',
      path: takeInPath(bikeId),
    },
    {
      name: words.measure,
      says: words.open(done, plan.length),
      done: done === plan.length,
      now: next.kind === 'measure',
      path: endPath(bikeId, end, 'measure'),
    },
    {
      name: words.match,
      says: wheel?.code ?? words.noWheel,
      done: wheel !== null,
      now: next.kind === 'choose-wheel',
      path: endPath(bikeId, end, 'match'),
    },
    ...(wheel?.kit
      ? [
          {
            name: words.kitRider,
            says: kitSays(record, wheel.kit),
            done: record.bike.facts.job?.levers !== undefined,
            now: false,
            path: endPath(bikeId, end, 'kit'),
          },
          { name: words.room, says: words.roomSays, done: false, now: false, path: roomPath(bikeId) },
          {
            name: words.bar,
            says: barParts > 0 ? words.barParts(barParts) : words.notYet,
            done: barParts > 0 && record.bike.facts.bar?.room !== undefined,
            now: false,
            path: barPath(bikeId),
          },
          {
            name: words.levers,
            says: record.bike.facts.levers ? words.leversKnown : words.notYet,
            done: record.bike.facts.levers !== undefined,
            now: false,
            path: leversPath(bikeId),
          },
          {
            name: words.cranks,
            says: record.bike.facts.cranks ? words.cranksKnown : words.notYet,
            done: record.bike.facts.cranks !== undefined,
            now: false,
            path: cranksPath(bikeId),
          },
          {
            name: words.bay,
            says: record.bike.facts.bay?.at
              ? words.bayKept
              : record.bike.facts.bay?.pack
                ? words.bayKnown
                : words.notYet,
            done: record.bike.facts.bay?.at !== undefined,
            now: false,
            path: bayPath(bikeId),
          },
          {
            name: words.power,
            says: record.bike.facts.power?.chain ? words.elements(record.bike.facts.power.chain.length) : words.notYet,
            done: pathNeeds.every((need) => record.bike.facts.power?.[need] !== undefined),
            now: false,
            path: powerPath(bikeId),
          },
          {
            name: words.cables,
            says: words.cableCount(record.bike.facts.cables?.runs?.length ?? 0),
            done: (record.bike.facts.cables?.runs?.length ?? 0) > 0,
            now: false,
            path: cablesPath(bikeId),
          },
          {
            name: words.wiring,
            says: words.plugs(record.bike.facts.wiring?.plugs?.length ?? 0),
            done: (record.bike.facts.wiring?.plugs?.length ?? 0) > 1,
            now: false,
            path: wiringPath(bikeId),
          },
        ]
      : []),
    {
      name: words.order,
      says: fit ? words.toGet(here, listed.length) : words.notYet,
      done: fit !== null && here === listed.length,
      now: false,
      path: endPath(bikeId, end, 'order'),
    },
    {
      name: words.fit,
      says: fit ? verdictWords[fit.verdict] : words.notYet,
      done: next.kind === 'fit' || next.kind === 'care',
      now: next.kind === 'accept' || next.kind === 'buy' || next.kind === 'stopped',
      path: endPath(bikeId, end, 'fit'),
    },
    {
      name: words.lock,
      says: fit?.torque
        ? `${verdictWords[fit.torque.verdict]}, ${words.held(fit.torque.safety.toFixed(2))}`
        : words.notYet,
      done: fit?.torque?.verdict === 'goes',
      now: false,
      path: endPath(bikeId, end, 'lock'),
    },
    ...(fit?.gears
      ? [
          {
            name: words.gears,
            says: verdictWords[fit.gears.verdict],
            done: fit.gears.verdict === 'goes',
            now: false,
            path: endPath(bikeId, end, 'gears'),
          },
        ]
      : []),
    ...(wheel?.kit
      ? [
          {
            name: words.lacing,
            says: wheel.kit.rim ? words.laced : words.noRim,
            done: !!wheel.kit.rim,
            now: false,
            path: endPath(bikeId, end, 'lacing'),
          },
          {
            name: words.truing,
            says: words.trued(rounds),
            done: rounds > 0,
            now: false,
            path: endPath(bikeId, end, 'truing'),
          },
        ]
      : []),
    ...(bothChosen
      ? [{ name: words.both, says: words.bothSays, done: false, now: false, path: bothPath(bikeId) }]
      : []),
    {
      name: words.stack,
      says: accepted
        ? words.acceptedOn(dateText(new Date(accepted.acceptedAt), 'd MMM'), accepted.person)
        : words.notYet,
      done: accepted !== undefined,
      now: false,
      path: endPath(bikeId, end, 'stack'),
    },
    ...(fit
      ? [
          {
            name: words.stand,
            says: words.steps(stepsDone),
            done: false,
            now: next.kind === 'fit',
            path: standPath(bikeId),
          },
        ]
      : []),
    ...(eventsOf(record.events, 'came-off').length > 0
      ? [{ name: words.back, says: words.backSays, done: false, now: false, path: putBackPath(bikeId) }]
      : []),
    { name: words.journal, says: words.journalSays, done: false, now: false, path: journalPath(bikeId) },
  ];
  return (
    <View className="px-4">
      {rows.map((row, index) => (
        <View key={row.name}>
          {index > 0 ? <Rule /> : null}
          <ToPage to={row.path} className="min-h-[52px] flex-row items-center gap-3 py-2">
            <View
              className={`h-3.5 w-3.5 border-2 border-ink ${row.done ? 'bg-ink' : row.now ? 'bg-lime' : 'bg-transparent'}`}
              aria-hidden
            />
            <Txt bold className="w-28">
              {row.name}
            </Txt>
            <Txt tone="soft" className="min-w-0 flex-1">
              {row.says}
            </Txt>
          </ToPage>
        </View>
      ))}
    </View>
  );
}

/** What of the kit does not go on, or that nobody has looked yet. */
function kitSays({ bike }: BikeRecord, kit: KitFacts): string {
  const { job } = bike.facts;
  if (job?.levers === undefined) return words.kitAsIs;
  const out = [
    ...(kit.throttle !== 'none' && job.throttle === 'left-out' ? [words.noThrottle] : []),
    ...(job.parts ?? []).map(({ part, use }) => words.partUse[use === 'replaced' ? 'replaced' : 'left-out'](part)),
  ];
  return out.length ? out.join(', ') : words.kitAll;
}
