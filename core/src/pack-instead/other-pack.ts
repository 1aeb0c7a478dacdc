import { said } from '../said';
import { told, type Finding } from '../verdict';

/** Packs whose figures may be written down. */
export const packsMeasured = ['supplied', 'reused', 'substitute'] as const;
export type PackMeasured = (typeof packsMeasured)[number];

/** Figures of one pack say nothing of another: null while they are those of the pack that is used. */
export function otherPack(of: PackMeasured, used: PackMeasured = 'supplied'): Finding | null {
  if (of === used) return null;
  return told('other-pack', 'unknown', said('pack-instead.these-are-figures-of-another-pack'), [
    said('pack-instead.measure-pack-that-is-used-or'),
  ]);
}
