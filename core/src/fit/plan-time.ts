import { endJob, jobFacts, jobTime, procedure, stepFigures, type FittedEnd, type TakenStack } from '../procedure';
import type { FitInput } from './contract';

/** One end that gets a motor, and what was found there. */
export interface PlannedEnd {
  input: FitInput;
  fitted: FittedEnd;
  /** The stack as taken; the best one when left out. */
  taken?: TakenStack;
}

/** Hands-on time in whole minutes: as likely as not, and nine times out of ten. */
export interface PlanTime {
  minutes: number;
  slowMinutes: number;
}

/** Hands-on time of the plan at the stand for these ends together, so that fit, quote and stand say one number. */
export function planTime(ends: readonly [PlannedEnd, ...PlannedEnd[]]): PlanTime {
  const { bike, limits, logged, secondPerson = 'none' } = ends[0].input;
  const job = jobFacts(
    bike,
    ends.map(({ fitted }) => fitted),
    ends.map(({ input, fitted, taken = null }) => endJob(input.facts, fitted, taken, bike, limits)),
    { secondPerson },
  );
  const { p50, p90 } = jobTime(procedure(job, stepFigures(limits)), logged);
  return { minutes: Math.round(p50), slowMinutes: Math.round(p90) };
}
