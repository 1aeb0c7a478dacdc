import type { Limits } from '../limits';
import { materialWords, type Material } from '../materials';
import type { Finding, Verdict } from '../verdict';
import type { Axle, SlotFitInput, SlotSide } from './contract';

/** What every rule of an open slot may look at. */
export interface SlotFacts {
  axle: Axle;
  side: SlotSide;
  limits: Limits;
  regen: boolean;
  cWashers: NonNullable<SlotFitInput['cWashers']>;
  uncertaintyMm: number;
  chordMm: number;
  /** Metal to file; null until slot width is measured. */
  fileMm: number | null;
  /** Narrowest and widest place once filed. */
  filedMinMm: number | null;
  filedMaxMm: number | null;
}

/** Builds a finding; figures are rid of binary dust. */
export function finding(
  id: string,
  verdict: Verdict,
  because: string,
  figures: { measured?: number | null; limit?: number | null; margin?: number | null; unit?: string } = {},
  remedies: string[] = [],
): Finding {
  return {
    id,
    verdict,
    measured: clean(figures.measured),
    limit: clean(figures.limit),
    margin: clean(figures.margin),
    unit: figures.unit ?? 'mm',
    because,
    remedies,
  };
}

/** A finding for something that is not measured. */
export function notMeasured(id: string, what: string): Finding {
  return finding(id, 'unknown', `${what} is not measured.`, {}, [`Measure: ${what.toLowerCase()}.`]);
}

/**
 * `stop` beyond a limit, unless the reading's uncertainty covers the limit: then nobody knows yet.
 *
 * @param margin - distance to the stop limit, negative beyond it
 * @returns the verdict on the far side, `unknown` in the band, or null when clear of it
 */
export function beyond(margin: number, uncertaintyMm: number): 'stop' | 'unknown' | null {
  const dust = 1e-9;
  if (Math.abs(margin) < uncertaintyMm - dust) return 'unknown';
  return margin < -dust ? 'stop' : null;
}

export const measureAgain = 'Measure again: the reading is too close to the limit to tell.';

/** A material in a sentence. */
export function inWords(material: Material): string {
  return materialWords[material];
}

function clean(value: number | null | undefined): number | null {
  return value === null || value === undefined ? null : Number(value.toFixed(9));
}
