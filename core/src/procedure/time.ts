import type { Step } from './contract';

/** What the workshop has logged of one step, over all jobs. */
export interface LoggedMinutes {
  count: number;
  /** Sum of the natural logarithms of the minutes. */
  sumLog: number;
}

export interface TimeEstimate {
  /** As likely as not. */
  p50: number;
  /** Nine times out of ten. */
  p90: number;
}

/** An estimate in whole minutes, as every page and sheet says it. */
export function wholeMinutes({ p50, p90 }: TimeEstimate): { minutes: number; slowMinutes: number } {
  return { minutes: Math.round(p50), slowMinutes: Math.round(p90) };
}

/** Standard normal at 90 %. */
const z90 = 1.2816;

/** What the table is worth against the workshop's own logs, in jobs. */
const priorJobs = 3;

/** Good and bad days: one factor for a whole job. */
const sharedSigma = 0.15;

/** Median and spread on the log scale: the table, moved toward what was logged. */
function logNormal(
  { minutes }: Pick<Step, 'minutes'>,
  logged: LoggedMinutes | undefined,
): { mu: number; sigma: number } {
  const prior = Math.log(minutes.typical);
  const { count = 0, sumLog = 0 } = logged ?? {};
  return {
    mu: (priorJobs * prior + sumLog) / (priorJobs + count),
    sigma: Math.log(minutes.slow / minutes.typical) / z90,
  };
}

/**
 * How long one step takes: log-normal, its median moved toward the workshop's own minutes.
 *
 * @example stepTime({ minutes: { typical: 4, slow: 8 } }) // { p50: 4, p90: 8 }
 */
export function stepTime(step: Pick<Step, 'minutes'>, logged?: LoggedMinutes): TimeEstimate {
  const { mu, sigma } = logNormal(step, logged);
  return { p50: Math.exp(mu), p90: Math.exp(mu + z90 * sigma) };
}

/**
 * How long these steps take together.
 *
 * The sum of log-normals is taken as log-normal with the same mean and variance; a factor that all share is laid over it.
 */
export function jobTime(
  steps: readonly Pick<Step, 'id' | 'minutes'>[],
  logged: Readonly<Record<string, LoggedMinutes>> = {},
): TimeEstimate {
  if (steps.length === 0) return { p50: 0, p90: 0 };
  let mean = 0;
  let variance = 0;
  for (const step of steps) {
    const { mu, sigma } = logNormal(step, logged[step.id]);
    const each = Math.exp(mu + sigma ** 2 / 2);
    mean += each;
    variance += (Math.exp(sigma ** 2) - 1) * each ** 2;
  }
  const spread = Math.log(1 + variance / mean ** 2);
  const centre = Math.log(mean) - spread / 2;
  return { p50: Math.exp(centre), p90: Math.exp(centre + z90 * Math.sqrt(spread + sharedSigma ** 2)) };
}
