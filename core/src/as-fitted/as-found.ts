import { said } from '../said';
import { possibleStacks, stackFindings, usualSigma, type AxleStackInput, type Stack } from '../axle-stack';
import { withLimits, type LimitsInput } from '../limits';
import { finding, graded, type Finding } from '../verdict';

/** The rim as it was found between the blades or stays. */
export interface RimAsFound {
  /** Off the middle, positive to the rider's right. */
  offsetMm: number;
  finding: Finding;
  /** Further from what was worked out than readings scatter: one of them is off, or a washer is. */
  surprising: boolean;
  /** The stack that would bring the rim nearer to the middle, judged with the rim as found; null when none does. */
  better: Stack | null;
}

/** Beyond so many standard deviations a difference is no scatter [J]. */
const surprisingSigmas = 3;

/**
 * Judges the rim as found with a stack on the axle, and searches the washers anew with it.
 *
 * @param input - what the stack was worked out from
 * @param stack - the stack on the axle
 * @param nearerRightMm - gap on the left minus gap on the right: twice the offset
 */
export function rimAsFound(input: AxleStackInput, stack: Stack, nearerRightMm: number): RimAsFound {
  const offsetMm = nearerRightMm / 2;
  const off = offsetMm - stack.rimOffsetMm;
  const found = { ...stack, rimOffsetMm: offsetMm };
  const judged = stackFindings(input, found).find(({ id }) => id === 'rim-offset')!;
  const sigma = input.sigma?.rimMm ?? usualSigma.rimMm;
  const again = possibleStacks({ ...input, hub: { ...input.hub, rimOffsetMm: input.hub.rimOffsetMm + off }, top: 1 });
  const best = again?.stacks[0] ?? null;
  const nearer = best !== null && Math.abs(best.rimOffsetMm) < Math.abs(offsetMm) - 0.1;
  return {
    offsetMm,
    finding: judged,
    surprising: Math.abs(off) > surprisingSigmas * sigma,
    better: judged.verdict !== 'goes' && nearer ? best : null,
  };
}

/** Judges the gap between caliper body and motor cover as it was found. */
export function coverGapAsFound(foundMm: number, limits: LimitsInput | undefined): Finding {
  const { coverGapGoesMm, coverGapWorkMm } = withLimits(limits);
  const verdict = graded(foundMm - coverGapGoesMm, foundMm - coverGapWorkMm);
  return finding(
    'cover-gap',
    verdict,
    said('as-fitted.caliper-body-and-motor-cover-run', { foundMm, coverGapGoesMm, coverGapWorkMm }),
    { measured: foundMm, limit: coverGapWorkMm, margin: foundMm - coverGapWorkMm },
    verdict === 'goes' ? [] : [said('as-fitted.put-shim-under-rotor-and-as')],
  );
}

/** Judges the smallest gap of what turns to what stands still, as it was found. */
export function runningGapAsFound(foundMm: number, limits: LimitsInput | undefined): Finding {
  const { runningGapMm } = withLimits(limits);
  return finding(
    'running-gap',
    foundMm >= runningGapMm - 1e-9 ? 'goes' : 'stop',
    said('as-fitted.smallest-gap-is-is-needed', { foundMm, runningGapMm }),
    { measured: foundMm, limit: runningGapMm, margin: foundMm - runningGapMm },
    foundMm >= runningGapMm - 1e-9 ? [] : [said('as-fitted.washer-more-on-that-side-shorter')],
  );
}
