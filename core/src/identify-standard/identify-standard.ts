import type { Said } from '../said';
import { Amount, OneOf, Optional, readInput } from '../input';
import { standardFeatures, standards, type StandardFeature } from './standards';

export class IdentifyStandardInput {
  /** Which table to look in. */
  @OneOf(standardFeatures) feature!: (typeof standardFeatures)[number];
  /** The reading. */
  @Amount(0.01, 1500, 'mm') valueMm!: number;
  /** Its uncertainty (standard deviation); 0.15 mm when left out. */
  @Optional() @Amount(0.001, 50, 'mm') uncertaintyMm?: number;
}

/** A standard size with how well the reading matches it. */
export interface StandardMatch {
  valueMm: number;
  label: Said;
  /** Reading minus standard. */
  differenceMm: number;
  /** Share among all sizes of the table, 0 to 1; they add up to 1. */
  confidence: number;
}

export interface IdentifyStandardResult {
  nearest: StandardMatch;
  /** The others, likeliest first. */
  others: StandardMatch[];
  /** Present when the reading makes sense only if it was read in inches. */
  inches?: { valueMm: number; nearest: StandardMatch };
}

const manufacturingSpreadMm = 0.15;

/**
 * Which standard size is a reading near?
 *
 * Confidence is exp(−½(Δ/σ)²), σ² = uncertainty² + 0.15², normalised over the feature's table.
 * Inches are suspected only when the reading lies more than 1 mm below the table and × 25.4 falls inside it.
 *
 * @param input - feature, reading in mm and its uncertainty
 * @returns the nearest size, the others by likelihood, and the reading taken as inches if that is what it must be
 * @throws InputError for a reading outside 0.01 to 1500 mm or an unknown feature
 *
 * @example
 * identifyStandard({ feature: 'front-spacing', valueMm: 99.8 }).nearest
 * // { valueMm: 100, differenceMm: -0.2, confidence: 1, … }
 */
export function identifyStandard(input: IdentifyStandardInput): IdentifyStandardResult {
  const { feature, valueMm, uncertaintyMm = 0.15 } = readInput(IdentifyStandardInput, input);
  const [nearest, ...others] = matches(feature, valueMm, uncertaintyMm);
  const inches = asInches(feature, valueMm, uncertaintyMm);
  return { nearest: nearest!, others, ...(inches && { inches }) };
}

function matches(feature: StandardFeature, valueMm: number, uncertaintyMm: number): StandardMatch[] {
  const variance = uncertaintyMm ** 2 + manufacturingSpreadMm ** 2;
  const exponents = standards[feature].map((s) => -((valueMm - s.valueMm) ** 2) / (2 * variance));
  // Shifted by the largest, so that a reading far from every size still has a nearest one instead of 0 ÷ 0.
  const largest = Math.max(...exponents);
  const weights = exponents.map((exponent) => Math.exp(exponent - largest));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return standards[feature]
    .map((standard, index) => ({
      valueMm: standard.valueMm,
      label: standard.label,
      differenceMm: Number((valueMm - standard.valueMm).toFixed(6)),
      confidence: weights[index]! / sum,
    }))
    .sort((a, b) => b.confidence - a.confidence || Math.abs(a.differenceMm) - Math.abs(b.differenceMm));
}

function asInches(feature: StandardFeature, value: number, uncertaintyMm: number) {
  const sizes = standards[feature].map((standard) => standard.valueMm);
  const [smallest, largest] = [Math.min(...sizes), Math.max(...sizes)];
  const valueMm = value * 25.4;
  if (value >= smallest - 1 || valueMm < smallest || valueMm > largest) return undefined;
  return { valueMm, nearest: matches(feature, valueMm, uncertaintyMm * 25.4)[0]! };
}
