import { rowOfFeature, type LengthFeature } from '@cricket/core/features';

/**
 * The true length that the simulated caliper reads: what was measured before, else what an invented bike has there.
 *
 * @param medianMm - of the readings so far, or null
 */
export function trueLengthMm({ id, minMm, maxMm }: LengthFeature, medianMm: number | null): number {
  const { is } = rowOfFeature(id).row;
  const usualMm = is.kind === 'length' ? is.usualMm : (minMm + maxMm) / 2;
  return Math.min(maxMm, Math.max(minMm, medianMm ?? usualMm));
}
