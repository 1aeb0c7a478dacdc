import type { LengthFeature } from '@cricket/core/features';

/** What an invented bike measures where nobody has read yet, by the first part of a feature's name, in mm. */
const usual: Record<string, number> = {
  'rotor-inboard': 15.3,
  'rotor-outer': 17.1,
  'rotor-thickness': 1.8,
  'rotor-diameter': 160,
  'rotor-max': 180,
  'caliper-inboard': 12,
  'caliper-depth': 30,
  'mount-plate': 8,
  'mount-thread': 12,
  'leg-inboard': -2,
  'sprocket-gap': 4.4,
  'cassette-stack': 33,
  'rim-to-dropout': 37.5,
  spacing: 100.1,
  hole: 12,
  'slot-width': 10.1,
  'slot-depth': 15,
  plate: 5,
  'lip-diameter': 25,
  'lip-depth': 1.2,
  'old-axle': 9.5,
  extra: 3,
  'slot-line': 0,
  'clamp-from': 60,
  'clamp-to': 190,
  'blade-width': 20,
  'blade-step': 0.5,
  'bead-seat': 622,
  'tyre-width': 42,
};

/**
 * The true length that the simulated caliper reads: what was measured before, else what an invented bike has there.
 *
 * @param medianMm - of the readings so far, or null
 */
export function trueLengthMm(feature: LengthFeature, medianMm: number | null): number {
  const length = medianMm ?? usual[feature.id.split('.')[0]!] ?? (feature.minMm + feature.maxMm) / 2;
  return Math.min(feature.maxMm, Math.max(feature.minMm, length));
}
