import { told, type Finding } from '../verdict';

/** Packs whose figures may be written down. */
export const packsMeasured = ['supplied', 'reused', 'substitute'] as const;
export type PackMeasured = (typeof packsMeasured)[number];

/** Figures of one pack say nothing of another: null while they are those of the pack that is used. */
export function otherPack(of: PackMeasured, used: PackMeasured = 'supplied'): Finding | null {
  if (of === used) return null;
  return told('other-pack', 'unknown', 'These are the figures of another pack than the one that is used.', [
    'Measure the pack that is used, or read what stands on it.',
  ]);
}
