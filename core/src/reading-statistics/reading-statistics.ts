import { Amount, OneOf, Items, readInput } from '../input';

/** What a reading was taken with. */
export const instruments = ['calipers', 'tape', 'ruler', 'spoke-ruler', 'eye'] as const;
export type Instrument = (typeof instruments)[number];

/** What each instrument can tell apart at best, in mm. */
export const instrumentUncertaintyMm: Record<Instrument, number> = {
  calipers: 0.05,
  tape: 1,
  ruler: 0.5,
  'spoke-ruler': 0.5,
  eye: 1,
};

/** Spread between repeats over which one more reading is asked for, in mm; calipers as in the trade, the rest [J]. */
export const askAgainSpreadMm: Record<Instrument, number> = {
  calipers: 0.3,
  tape: 3,
  ruler: 1.5,
  'spoke-ruler': 1.5,
  eye: 3,
};

export class ReadingStatisticsInput {
  @OneOf(instruments) instrument!: (typeof instruments)[number];
  /** Repeats at one place. Different places are not repeats: give them one by one. */
  @Items(Amount(-1000, 2000, 'mm'), 100) valuesMm!: number[];
}

export interface ReadingStatistics {
  /** How many readings there are. */
  count: number;
  /** The median: one slip among three does not move it. Null without readings. */
  valueMm: number | null;
  /** max(instrument, 1.4826 · median absolute deviation). Null without readings. */
  uncertaintyMm: number | null;
  /** Largest minus smallest. */
  spreadMm: number;
  /** True when the spread asks for one more reading. */
  askAgain: boolean;
  /** Positions of readings that stand off from the others by more than the spread allowed. */
  oddIndexes: number[];
}

/**
 * What repeated readings at one place say together.
 *
 * @param input - instrument and readings in mm
 * @returns median, robust uncertainty, spread, and which readings are odd
 * @throws InputError for a reading that is not a plausible number
 *
 * @example
 * readingStatistics({ instrument: 'calipers', valuesMm: [9.58, 9.6, 9.56] })
 * // { count: 3, valueMm: 9.58, uncertaintyMm: 0.05, spreadMm: 0.04, askAgain: false, oddIndexes: [] }
 */
export function readingStatistics(input: ReadingStatisticsInput): ReadingStatistics {
  const { instrument, valuesMm } = readInput(ReadingStatisticsInput, input);
  if (valuesMm.length === 0) {
    return { count: 0, valueMm: null, uncertaintyMm: null, spreadMm: 0, askAgain: false, oddIndexes: [] };
  }
  const valueMm = median(valuesMm);
  const deviations = valuesMm.map((value) => Math.abs(value - valueMm));
  const limit = askAgainSpreadMm[instrument];
  const spreadMm = rounded(Math.max(...valuesMm) - Math.min(...valuesMm));
  // Between two readings nobody can tell which one slipped; from three on the median can.
  const oddIndexes =
    valuesMm.length < 3 ? [] : deviations.flatMap((deviation, index) => (deviation > limit ? [index] : []));
  const settled = settledSpread(valuesMm, oddIndexes) <= limit && oddIndexes.length * 4 <= valuesMm.length;
  return {
    count: valuesMm.length,
    valueMm: rounded(valueMm),
    uncertaintyMm: rounded(Math.max(instrumentUncertaintyMm[instrument], 1.4826 * median(deviations))),
    spreadMm,
    askAgain: spreadMm > limit && !(oddIndexes.length > 0 && settled),
    oddIndexes,
  };
}

/** Spread of the readings that are not odd: a slip that three others outvote need not be repeated for ever. */
function settledSpread(values: readonly number[], odd: readonly number[]): number {
  const kept = values.filter((_, index) => !odd.includes(index));
  return Math.max(...kept) - Math.min(...kept);
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Rid of the binary dust that differences of decimals leave. */
function rounded(value: number): number {
  return Number(value.toFixed(6));
}
