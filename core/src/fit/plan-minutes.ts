import { endJob, jobFacts, jobTime, procedure, type FittedEnd } from '../procedure';
import { stepFigures } from '../procedure';
import type { FitInput } from './contract';

/** Hands-on minutes as likely as not: those of this end's own plan at the stand, so that fit and stand say one number. */
export function planMinutes(input: FitInput, fitted: FittedEnd): number {
  const { bike, facts, limits, logged } = input;
  const end = endJob(facts, fitted, null, bike, limits);
  const job = jobFacts(bike, [fitted], [end], { secondPerson: 'none' });
  return Math.round(jobTime(procedure(job, stepFigures(limits)), logged).p50);
}
