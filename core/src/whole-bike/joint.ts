import { listed, said, type Said } from '../said';
import { bayOfBike } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import type { HandlebarResult, WayOut } from '../handlebar';
import { isInside } from '../plane';
import { told, type Finding } from '../verdict';
import type { Answers } from './stations';

/** Two places that want the same thing. */
export function jointFindings(facts: BikeFacts, answers: Answers): Finding[] {
  return [
    batteryAndMovingParts(facts, answers),
    throttleAndBar(facts, answers.bar),
    leversAndBar(facts, answers),
    ...cablesAndBattery(facts, answers),
    ...cablesAndCranks(answers),
    packsOfTwoKinds(facts),
    onRackUnmeasured(facts),
  ].filter((each): each is Finding => each !== null);
}

/** Without what moves the battery would have its place: both want the same room. */
function batteryAndMovingParts(facts: BikeFacts, { opened }: Answers): Finding | null {
  const inWay = facts.frame?.inWay ?? [];
  const moving = inWay.filter((thing) => thing.kind === 'long' && thing.moved);
  if (!opened || opened.result.chosen || moving.length === 0) return null;
  const still = bayOfBike({
    ...facts,
    frame: { ...facts.frame, inWay: inWay.filter((thing) => !moving.includes(thing)) },
  });
  if (still.kind !== 'open' || !still.result.chosen) return null;
  const other = opened.input.tube === 'down' ? 'seat' : 'down';
  const instead = opened.result.instead ?? [];
  const { lengthMm, heightMm } = opened.result.missing ?? {};
  return told(
    'joint.battery-moving',
    'stop',
    said('whole-bike.battery-and-want-same-room-in', { moving: listed(moving.map(({ id }) => id)) }),
    [
      ...(instead.includes('other-tube') ? [said('whole-bike.lay-it-on-tube', { other })] : []),
      ...(lengthMm ? [said('whole-bike.take-one-that-is-shorter', { lengthMm })] : []),
      ...(heightMm ? [said('whole-bike.take-one-that-is-lower', { heightMm })] : []),
      ...(instead.includes('other-tube') || lengthMm || heightMm ? [] : [said('whole-bike.carry-it-on-rack-or-in')]),
    ],
  );
}

/** No order of the bar holds everything, and the throttle is what is too much. */
function throttleAndBar({ bar }: BikeFacts, result: HandlebarResult | null): Finding | null {
  const ways = result?.impossible?.ways ?? [];
  const kindOf = (id: string) => bar?.parts?.find((part) => part.id === id)?.kind;
  const about = ways.filter(({ id }) => kindOf(id)?.startsWith('throttle-'));
  if (about.length === 0) return null;
  const throttle = about[0]!.id;
  const shifters = (bar?.parts ?? []).filter(({ kind }) => kind.startsWith('shifter-') || kind === 'lever-shifter');
  const beside = shifters.length > 0 ? listed(shifters.map(({ id }) => id)) : said('whole-bike.what-else-is-on-bar');
  return told('joint.throttle-bar', 'stop', said('whole-bike.and-want-same-place-on-bar', { throttle, beside }), [
    wayWords(ways[0]!),
  ]);
}

function wayWords(way: WayOut): Said {
  if (way.do === 'centre') return said('whole-bike.put-in-middle', { id: way.id });
  return way.do === 'swap'
    ? said('whole-bike.take-instead-of', { other: way.with ?? '', id: way.id })
    : said('whole-bike.leave-away', { id: way.id });
}

/** What is chosen for the levers is not on the bar's list yet. */
function leversAndBar({ bar }: BikeFacts, { levers }: Answers): Finding | null {
  const onBar = (bar?.parts ?? []).filter(
    ({ kind }) => kind === 'lever' || kind === 'lever-shifter' || kind === 'switch',
  );
  if (!levers || levers.cutsMotor !== true || onBar.length === 0) return null;
  if (onBar.some(({ cutOff }) => cutOff === true)) return null;
  return told('joint.levers-bar', 'work', said('whole-bike.levers-are-to-cut-motor-and'), [
    said('whole-bike.put-switch-or-new-levers-with'),
  ]);
}

/** A place that cables run over lies where the battery is to be. */
function cablesAndBattery({ cables, bay }: BikeFacts, { opened }: Answers): Finding[] {
  const fromMm = bay?.at?.fromMm ?? opened?.result.chosen?.fromMm;
  if (!opened || fromMm === undefined) return [];
  const { battery, swept } = opened.laidAt(fromMm);
  const half = opened.input.battery.widthMm / 2;
  const used = new Set((cables?.runs ?? []).flatMap(({ path }) => path));
  return (cables?.anchors ?? [])
    .filter(({ id, on }) => on === 'frame' && used.has(id))
    .filter(({ at: [x, y, z] }) => Math.abs(z) < half && (isInside([x, y], battery) || isInside([x, y], swept)))
    .map(({ id }) =>
      told(`joint.cable-battery.${id}`, 'stop', said('whole-bike.which-cables-run-over-lies-where', { id }), [
        said('whole-bike.lead-them-past-its-side-or'),
      ]),
    );
}

/** A span that comes too near to the cranks. */
function cablesAndCranks({ cables }: Answers): Finding[] {
  const runs = cables?.cables ?? [];
  return runs.flatMap(({ id, spans }) =>
    spans
      .filter(({ nearestTo, nearestMm }) => nearestTo === 'crank' && nearestMm < keepAwayMm)
      .map(({ from, to, better }) =>
        told(`joint.cable-cranks.${id}`, 'stop', said('whole-bike.cranks-and-cable-want-same-room', { id, from, to }), [
          better ? said('shared.lead-it-over', { better }) : said('whole-bike.lead-it-over-another-place-farther'),
        ]),
      ),
  );
}

/** As the runs of cables have it where nobody has set another. */
const keepAwayMm = 10;

function packsOfTwoKinds({ bay, power }: BikeFacts): Finding | null {
  if (!bay?.pack || !power?.pack || bay.pack.of === power.pack.of) return null;
  return told('joint.packs', 'unknown', said('whole-bike.battery-that-was-measured-is-another'), [
    said('whole-bike.measure-one-that-is-used-and'),
  ]);
}

function onRackUnmeasured({ job, rack }: BikeFacts): Finding | null {
  if (job?.battery !== 'rack' || rack) return null;
  return told('joint.rack', 'unknown', said('whole-bike.battery-is-to-go-on-rack'), [said('whole-bike.measure-rack')]);
}
