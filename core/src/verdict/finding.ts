import { said, type Said } from '../said';
import type { Finding, Verdict } from './verdict';

/** The figures of a finding; what is left out is null. */
export interface Figures {
  measured?: number | null;
  limit?: number | null;
  margin?: number | null;
  /** `mm` when left out. */
  unit?: string;
}

/** Builds a finding; figures are rid of binary dust. */
export function finding(
  id: string,
  verdict: Verdict,
  because: Said,
  figures: Figures = {},
  remedies: Said[] = [],
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

/** A finding without a figure: something that was seen, or a rule that is yes or no. */
export function told(id: string, verdict: Verdict, because: Said, remedies: Said[] = []): Finding {
  return finding(id, verdict, because, { unit: '' }, remedies);
}

/** A finding for something that is not measured. */
export function notMeasured(id: string, what: Said): Finding {
  return finding(id, 'unknown', said('verdict.not-measured', { what }), {}, [said('verdict.measure', { what })]);
}

/**
 * A finding for something that nobody measures at the stand: it stands on a part or in its papers.
 *
 * @param what - one thing
 */
export function notRecorded(id: string, what: Said): Finding {
  return finding(id, 'unknown', said('verdict.not-recorded', { what }), {}, [said('verdict.find-out', { what })]);
}

/**
 * `stop` beyond a limit, unless the reading's uncertainty covers the limit: then nobody knows yet.
 *
 * @param margin - distance to the stop limit, negative beyond it
 * @returns the verdict on the far side, `unknown` in the band, or null when clear of it
 */
export function beyond(margin: number, uncertaintyMm: number): 'stop' | 'unknown' | null {
  if (Math.abs(margin) < uncertaintyMm - dust) return 'unknown';
  return margin < -dust ? 'stop' : null;
}

/**
 * `goes` with at least the first margin, `work` with at least the second, else `stop`.
 *
 * @example graded(0.3, 0) // 'goes'
 */
export function graded(goesMargin: number, workMargin: number): 'goes' | 'work' | 'stop' {
  if (goesMargin >= -dust) return 'goes';
  return workMargin >= -dust ? 'work' : 'stop';
}

/** Differences below this are binary dust. */
export const dust = 1e-9;

export const measureAgain: Said = said('verdict.measure-again');

function clean(value: number | null | undefined): number | null {
  return value === null || value === undefined ? null : Number(value.toFixed(9)) + 0;
}
