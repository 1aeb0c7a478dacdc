import { endJob, jobFacts, jobTime, procedure, stepFigures, wholeMinutes, type FittedEnd } from '../procedure';
import type { FitInput } from './contract';

/** One end that gets a motor, and what was found there. */
export interface PlannedEnd {
  input: FitInput;
  fitted: FittedEnd;
}

/** Hands-on time of the plan at the stand for these ends together, so that fit, quote and stand say one number. */
export function planTime(ends: readonly [PlannedEnd, ...PlannedEnd[]]): ReturnType<typeof wholeMinutes> {
  const { bike, limits, logged, secondPerson = 'none' } = ends[0].input;
  const job = jobFacts(
    bike,
    ends.map(({ fitted }) => fitted),
    ends.map(({ input, fitted }) => endJob(input.facts, fitted, input.taken ?? null, bike, limits)),
    { secondPerson },
  );
  return wholeMinutes(jobTime(procedure(job, stepFigures(limits)), logged));
}
