import type { LengthFeature } from '@cricket/core/features';
import { askAgainSpreadMm, explainOdd, type OddReading } from '@cricket/core/reading-statistics';

import { readTyped, type Unreadable } from '../../ui/typed-number';

/** What is typed, judged before it is kept. */
export type JudgedTyped =
  | { kind: 'empty' }
  | { kind: 'unreadable'; why: Unreadable }
  /** Outside what is plausible; `asInchesMm` when it would be plausible as inches. */
  | { kind: 'implausible'; valueMm: number; asInchesMm: number | null }
  /** Can be kept; `odd` when it stands off from the readings before. */
  | { kind: 'plausible'; valueMm: number; odd: OddReading | null };

/**
 * Judges what is typed for a feature.
 *
 * @param text - as typed
 * @param unit - what the tool shows
 * @param feature - with its plausible range
 * @param medianMm - median of the readings before, or null
 */
export function judgeTyped(
  text: string,
  unit: 'mm' | 'inch',
  feature: LengthFeature,
  medianMm: number | null,
): JudgedTyped {
  const typed = readTyped(text);
  if (typed.kind !== 'number') return typed;
  const valueMm = Number((unit === 'inch' ? typed.value * 25.4 : typed.value).toFixed(4));
  const plausible = (value: number) => value >= feature.minMm && value <= feature.maxMm;
  if (!plausible(valueMm)) {
    const inches = Number((typed.value * 25.4).toFixed(2));
    return { kind: 'implausible', valueMm, asInchesMm: unit === 'mm' && plausible(inches) ? inches : null };
  }
  const near = askAgainSpreadMm[feature.instrument];
  const far = medianMm !== null && Math.abs(valueMm - medianMm) > near;
  return { kind: 'plausible', valueMm, odd: far ? explainOdd(valueMm, medianMm, near) : null };
}
