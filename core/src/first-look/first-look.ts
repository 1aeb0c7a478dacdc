import { axleAt } from '../model';
import { endFacts, openFeatures, type EndFacts, type Reading } from '../end-facts';
import type { End, Feature } from '../features';
import { fitOfRecord as fit, nextWorth, type FitFinding, type FitInput, type FitReport } from '../fit';
import { withLimits } from '../limits';
import { boughtStores, easyBike, possibleReadings, type Possible } from './favourable';

/** What can be said of a kit before everything is measured. */
export type FirstLook =
  /** It stops whatever the open readings turn out to be. */
  | { so: 'stops'; finding: FitFinding }
  /** Nothing stops it yet; these readings still could, the one that tells most for its time first. */
  | { so: 'may-go'; couldStop: Feature[] }
  /** Everything is measured: the fit says it. */
  | { so: 'measured'; report: FitReport };

/**
 * A verdict so far, from whatever has been read.
 *
 * The open readings are taken as they would suit the kit best; what stops even then stops for certain. Then each of them is taken
 * as it may turn out at worst: those that stop the kit are still to be read, the others cannot change anything any more. What is
 * not known never reads as "goes".
 *
 * @param input - readings so far, kit, take-in so far; washers, arms and bolts are taken as bought
 */
export function firstLook(input: FitInput): FirstLook {
  if (openFeatures(input.facts).length === 0) return { so: 'measured', report: fit(input) };
  const { wheel, facts } = input;
  const possible = possibleReadings(facts, wheel);
  const best = { ...input, ...withBest(input, possible) };
  const stopped = stopOf(fit(best));
  if (stopped) return { so: 'stops', finding: stopped };
  const open = openFeatures(facts);
  // Left and right, and the places along a slot, are alike: one of each kind is tried.
  const stops = new Map<string, boolean>();
  const couldStop = open.filter((feature) => {
    const [head = feature.id] = feature.id.split('.');
    const tried = stops.get(head);
    if (tried !== undefined) return tried;
    const worst = possible.get(feature.id)?.worst ?? [];
    const stop = worst.some(
      (value) => stopOf(fit({ ...best, facts: withReading(best.facts, feature, value) })) !== null,
    );
    stops.set(head, stop);
    return stop;
  });
  return { so: 'may-go', couldStop: couldStop.sort((a, b) => nextWorth(b, input) - nextWorth(a, input)) };
}

/** What stops it, if anything does; what is only not known does not. */
function stopOf(report: FitReport): FitFinding | null {
  return report.findings.find(({ verdict, area }) => verdict === 'stop' && area !== 'cost' && area !== 'law') ?? null;
}

/** The end as it would suit the kit best, with what is read; a rider who asks for nothing; a shop that buys what it lacks. */
function withBest(
  input: FitInput,
  possible: ReadonlyMap<string, Possible>,
): Pick<FitInput, 'facts' | 'bike' | 'stores'> {
  const { facts, bike, wheel, limits } = input;
  let best = facts;
  // Words first: they decide what else applies.
  for (let round = 0; round < 3; round++) {
    for (const feature of openFeatures(best)) {
      const guess = possible.get(feature.id);
      if (guess) best = withReading(best, feature, guess.best);
    }
  }
  const { law: _, ...rest } = easyBike(bike, facts.end);
  return {
    facts: best,
    bike: bike.law ? { ...rest, law: bike.law } : rest,
    stores: boughtStores(wheel, withLimits(limits).purchaseMm),
  };
}

/** The same end with one reading more, or another one in its place. */
function withReading(facts: EndFacts, feature: Feature, value: string | number): EndFacts {
  const kept = readingsOf(facts).filter((reading) => reading.feature !== feature.id);
  return endFacts(facts.end, [...kept, reading(facts.end, feature.id, value)]);
}

/** One reading a feature: what the end was put together from, as far as it counts. */
function readingsOf(facts: EndFacts): Reading[] {
  return [
    ...[...facts.words].map(([feature, word]) => reading(facts.end, feature, word)),
    ...[...facts.lengths].flatMap(([feature, { valueMm }]) =>
      valueMm === null ? [] : [reading(facts.end, feature, valueMm)],
    ),
  ];
}

function reading(end: End, feature: string, value: string | number): Reading {
  const word = typeof value === 'string' ? value : null;
  return {
    id: feature,
    place: axleAt(end),
    feature,
    valueMm: typeof value === 'number' ? value : null,
    word,
    parts: null,
    instrument: word === null ? 'calipers' : 'eye',
    // What was filed was filed before it was read so.
    takenAt: feature.startsWith('filed.') ? '1' : '2',
    withdrawnAt: null,
  };
}
