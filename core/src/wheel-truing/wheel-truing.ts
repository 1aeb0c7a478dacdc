import { said, type Said } from '../said';
import { Amount, OneOf, Optional, Items, Nested, InputError, readInput } from '../input';
import { OwnLimits, withLimits } from '../limits';
import { dust, finding, notMeasured, worstFirst, worstOf, type Finding, type Verdict } from '../verdict';

export class WheelTruingSpoke {
  @OneOf(['left', 'right']) side!: 'left' | 'right';
  /** Rim off the mean circle here, outward positive. */
  @Optional() @Amount(-20, 20, 'mm') radialMm?: number;
  /** Rim off the mean plane here, to the right positive. */
  @Optional() @Amount(-20, 20, 'mm') lateralMm?: number;
  @Optional() @Amount(0, 3000, 'N') tensionN?: number;
}

export class WheelTruingInput {
  /** Once round the wheel, in order; a reading that was not taken is left out. */
  @Items(() => WheelTruingSpoke, 72) spokes!: WheelTruingSpoke[];
  /** Rim's middle off the wheel's, to the right positive. */
  @Optional() @Amount(-30, 30, 'mm') dishMm?: number;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export interface WheelTruingResult {
  verdict: Verdict;
  findings: Finding[];
  /** Largest minus smallest reading; null until two are taken. */
  radialRunoutMm: number | null;
  lateralRunoutMm: number | null;
  meanTensionN: { left: number | null; right: number | null };
  /** Spokes to turn first, counted from 1: farthest from the mean tension of their side. */
  strays: number[];
}

/**
 * Is this wheel true, round, in dish and evenly tensioned?
 *
 * Runout is the largest minus the smallest reading; each spoke's tension is held against the mean of its side.
 *
 * @param input - readings per spoke to 0.1 mm and N, dish
 * @returns verdict, runouts, and the spokes that stray
 * @throws InputError for values out of range or without any spoke
 */
export function wheelTruing(input: WheelTruingInput): WheelTruingResult {
  const read = readInput(WheelTruingInput, input);
  if (read.spokes.length === 0) throw new InputError('spokes', 0, said('wheel-truing.list-of-at-least-one-spoke'));
  const limits = withLimits(read.limits);
  const radialRunoutMm = runout(read.spokes.map(({ radialMm }) => radialMm));
  const lateralRunoutMm = runout(read.spokes.map(({ lateralMm }) => lateralMm));
  const meanTensionN = { left: mean(read.spokes, 'left'), right: mean(read.spokes, 'right') };
  const strayed = read.spokes
    .map(({ side, tensionN }, at) => ({ at, share: stray(tensionN, meanTensionN[side]) }))
    .filter(({ share }) => share !== null && Math.abs(share) > limits.tensionSpreadShare + dust)
    .sort((a, b) => Math.abs(b.share!) - Math.abs(a.share!));
  const tensionKnown = read.spokes.every(({ tensionN }) => tensionN !== undefined);
  const findings = [
    within(
      'lateral',
      said('wheel-truing.lateral-runout'),
      lateralRunoutMm,
      limits.lateralMm,
      said('wheel-truing.turn-nipples-where-rim-wanders'),
    ),
    within(
      'radial',
      said('wheel-truing.radial-runout'),
      radialRunoutMm,
      limits.radialMm,
      said('wheel-truing.tighten-where-rim-stands-out-in'),
    ),
    within(
      'dish',
      said('wheel-truing.dish-error'),
      read.dishMm === undefined ? null : Math.abs(read.dishMm),
      limits.dishMm,
      said('wheel-truing.tighten-one-whole-side-quarter-turn'),
    ),
    tensionKnown
      ? finding(
          'tension',
          strayed.length ? 'work' : 'goes',
          strayed.length
            ? said('wheel-truing.of-spokes-stray-more-than-from', {
                strayed: strayed.length,
                spokes: read.spokes.length,
                tensionSpreadShare: Math.round(limits.tensionSpreadShare * 100),
              })
            : said('wheel-truing.tension-is-even-on-each-side'),
          { measured: strayed.length, limit: 0, margin: -strayed.length, unit: '' },
          strayed.length ? [said('wheel-truing.start-with-spoke', { at: strayed[0]!.at + 1 })] : [],
        )
      : notMeasured('tension', said('wheel-truing.tension-of-every-spoke')),
  ];
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    radialRunoutMm,
    lateralRunoutMm,
    meanTensionN,
    strays: strayed.map(({ at }) => at + 1),
  };
}

function runout(readings: readonly (number | undefined)[]): number | null {
  const taken = readings.filter((reading): reading is number => reading !== undefined);
  // One place says nothing of the way round.
  if (taken.length < 2 || taken.length < readings.length) return null;
  return Number((Math.max(...taken) - Math.min(...taken)).toFixed(6));
}

function mean(spokes: WheelTruingInput['spokes'], side: 'left' | 'right'): number | null {
  const tensions = spokes.flatMap((spoke) =>
    spoke.side === side && spoke.tensionN !== undefined ? [spoke.tensionN] : [],
  );
  return tensions.length ? tensions.reduce((sum, tension) => sum + tension, 0) / tensions.length : null;
}

function stray(tensionN: number | undefined, meanN: number | null): number | null {
  return tensionN === undefined || meanN === null || meanN === 0 ? null : tensionN / meanN - 1;
}

function within(id: string, what: Said, mm: number | null, limit: number, remedy: Said): Finding {
  if (mm === null) return notMeasured(id, what);
  const goes = mm <= limit + dust;
  return finding(
    id,
    goes ? 'goes' : 'work',
    said('wheel-truing.is-goes', { what, mm: Number(mm.toFixed(2)), limit }),
    { measured: mm, limit, margin: limit - mm },
    goes ? [] : [remedy],
  );
}
