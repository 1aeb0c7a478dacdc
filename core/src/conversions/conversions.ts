import { said, type Said } from '../said';
import type { BikeFacts } from '../bike-facts';
import { planTime } from '../fit';
import { costTable, usualHourlyRate } from '../job-cost';
import type { KitFacts } from '../kit';
import { isJudged, matchEach, type MatchRow } from '../match';
import { overridesOf } from '../overrides';
import { severity, worstFirst, worstOf, type Finding } from '../verdict';
import { answering, roomShopping, toGet, type Answers, type RoomStation } from '../whole-bike';
import type { Conversion, Conversions, ConversionsInput, Layout, Progress, StationOfConversion } from './contract';
import { builtFacts, layoutsOf } from './layouts';

/** How many are shown. */
const shown = 3;

/**
 * The best ways to build one bike, over every kit at both ends, every place of the battery and the controller, and either side of
 * the throttle.
 *
 * A way is as bad as the worst of its axle and its stations; what is not measured of bike or kit is `unknown`. Cables and plugs
 * are not asked: they are measured when the kit is there. Best first: verdict, fewer stations that nobody knows, cost with work,
 * mass, minutes. Of one kit at one end only its best way is shown as long as there are others.
 *
 * @returns one kit at one end at a time, so that a worker can tell how far it is
 */
export function* conversionsEach(input: ConversionsInput): Generator<Progress, Conversions> {
  const all = input.wheels.length * Object.values(input.ends).filter((end) => end !== undefined).length;
  let best: Conversion[] = [];
  const counts = { looked: 0, stopped: 0, refused: 0 };
  let done = 0;
  for (const row of matchEach(input)) {
    done += 1;
    if (!isJudged(row)) counts.refused += 1;
    else if (row.report.verdict === 'stop' || !row.wheel.kit) counts.stopped += 1;
    else {
      const ways = waysOf(input, row, row.wheel.kit);
      counts.looked += ways.length;
      best = leading([...best, ...ways.filter(({ verdict }) => verdict !== 'stop')]);
    }
    yield { done, all, found: { best: best.slice(0, shown), ...counts } };
  }
  return { best: best.slice(0, shown), ...counts };
}

/** The three best whole conversions of one bike. */
export function conversions(input: ConversionsInput): Conversions {
  const each = conversionsEach(input);
  for (;;) {
    const { done, value } = each.next();
    if (done) return value;
  }
}

const unknowns = ({ stations }: Conversion) => stations.filter(({ verdict }) => verdict === 'unknown').length;

/** Best first. */
function byWorth(a: Conversion, b: Conversion): number {
  return (
    severity[a.verdict] - severity[b.verdict] ||
    unknowns(a) - unknowns(b) ||
    a.costs.total - b.costs.total ||
    (a.massKg ?? Infinity) - (b.massKg ?? Infinity) ||
    a.costs.minutes - b.costs.minutes ||
    a.wheel.code.localeCompare(b.wheel.code) ||
    a.end.localeCompare(b.end)
  );
}

/** The best way of each kit at each end first, then what else is good: no more than are ever shown. */
function leading(ways: readonly Conversion[]): Conversion[] {
  const sorted = [...ways].sort(byWorth);
  const seen = new Set<string>();
  const first = sorted.filter(({ wheel, end }) => {
    const name = `${wheel.id} ${end}`;
    return !seen.has(name) && seen.add(name);
  });
  const rest = sorted.filter((way) => !first.includes(way));
  return [...first.slice(0, shown), ...rest.slice(0, Math.max(0, shown - first.length))];
}

function waysOf(input: ConversionsInput, row: MatchRow, kit: KitFacts): Conversion[] {
  const isChosen = input.chosen.includes(row.wheel.id);
  const judge = judgeOf(kit);
  const time = timeOf(input, row);
  const { id, code, beadSeatMm, coverDiameterMm } = row.wheel;
  return layoutsOf(input.bike, kit).map((layout) => {
    const facts = builtFacts(input.bike, kit, layout, isChosen);
    const answers = judge(facts, layout);
    const stations = stationsOf(answers, layout, facts);
    const toBuy = roomShopping(toGet(facts, { ...none, ...answers }), input.limits);
    const { report } = row;
    return {
      wheel: { id, code, beadSeatMm, coverDiameterMm },
      end: row.end,
      layout,
      verdict: worstOf([report.verdict, ...stations.map(({ verdict }) => verdict)]),
      axle: { verdict: report.verdict, because: decides(report) },
      stations,
      costs: costTable([report, { shopping: toBuy, tools: [] }], time(facts), input.hourlyRate ?? usualHourlyRate),
      massKg: massOf(input.bike, kit),
    };
  });
}

const none: Answers = {
  bar: null,
  levers: null,
  cranks: null,
  bay: null,
  rack: null,
  controller: null,
  power: null,
  cables: null,
  wiring: null,
  opened: null,
};

/** Answers each station once for everything that it depends on. */
function judgeOf(kit: KitFacts) {
  const known = new Map<string, unknown>();
  const once = <T>(name: string, answer: () => T): T => {
    if (!known.has(name)) known.set(name, answer());
    return known.get(name) as T;
  };
  return (facts: BikeFacts, { battery, controller, throttle }: Layout): Partial<Answers> => ({
    bar: once(`bar ${throttle}`, () => answering.bar(facts, [kit])),
    levers: once(`levers ${throttle}`, () => answering.levers(facts, [kit])),
    cranks: once('cranks', () => answering.cranks(facts, [kit])),
    bay: battery === 'down' || battery === 'seat' ? once(battery, () => answering.bay(facts, [kit])) : null,
    rack: battery === 'rack' ? once('rack', () => answering.rack(facts, [kit])) : null,
    controller: once(`controller ${controller}`, () => answering.controller(facts, [kit])),
    power: battery === 'wheel' ? null : once('power', () => answering.power(facts, [kit])),
  });
}

/** Which stations a way of building has. */
function isAsked(station: RoomStation, { battery, controller }: Layout, { job, levers }: BikeFacts): boolean {
  if (station === 'levers') return levers !== undefined;
  if (station === 'cranks') return job?.sensor !== 'none';
  if (station === 'bay') return battery === 'down' || battery === 'seat' || battery === 'bag';
  if (station === 'rack') return battery === 'rack';
  if (station === 'controller') return controller !== 'built-in';
  return station === 'bar' || (station === 'power' && battery !== 'wheel');
}

const asked = ['bar', 'levers', 'cranks', 'bay', 'rack', 'controller', 'power'] as const;

function stationsOf(answers: Partial<Answers>, layout: Layout, facts: BikeFacts): StationOfConversion[] {
  return asked
    .filter((station) => isAsked(station, layout, facts))
    .map((station) => {
      const answer = answers[station] ?? null;
      if (answer) return { station, verdict: answer.verdict, because: decides(answer) };
      return { station, verdict: 'unknown', because: layout.battery === 'bag' && station === 'bay' ? inBag : null };
    });
}

/** Nothing here measures a bag: whether it holds the pack is seen with both in hand. */
const inBag = said('conversions.whether-bag-holds-pack-so-that');

function decides({ findings }: { findings: readonly Finding[] }): Said | null {
  const [worst] = worstFirst([...findings]);
  return worst && worst.verdict !== 'goes' ? worst.because : null;
}

function massOf({ job }: BikeFacts, { massKg, battery }: KitFacts): number | null {
  const packKg =
    job?.pack && job.pack !== 'supplied' ? job.packInstead?.massKg : battery === null ? undefined : battery?.massKg;
  return packKg === undefined ? null : massKg + packKg;
}

/** Hands-on time of the plan, by where the battery goes. */
function timeOf(input: ConversionsInput, { wheel, end, report }: MatchRow) {
  const { ends, wheels: _, events = [], hourlyRate: __, chosen: ___, ...rest } = input;
  const known = new Map<string, ReturnType<typeof planTime>>();
  return (bike: BikeFacts) => {
    const name = `${bike.job?.battery} ${bike.job?.throttle}`;
    const fitInput = { ...rest, bike, facts: ends[end]!, wheel, overrides: overridesOf(events, end, wheel.id) };
    const minutes = known.get(name) ?? planTime([{ input: fitInput, fitted: report }]);
    known.set(name, minutes);
    return minutes;
  };
}
