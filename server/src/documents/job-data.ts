import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import { activeEnd } from '@cricket/core/choices';
import { endState, type EndState, type Workshop } from '@cricket/core/next-action';
import { jobOf } from '@cricket/core/job';
import {
  procedure,
  stepStates,
  stepFigures,
  type JobFacts,
  type SecondLooks,
  type StepState,
} from '@cricket/core/procedure';
import type { End } from '@cricket/core/features';

/** A job as its sheets show it. */
export interface JobData {
  record: BikeRecord;
  states: Record<End, EndState>;
  /** Null while nothing is chosen for either end. */
  job: JobFacts | null;
  steps: StepState[];
}

/** Puts a job together from what is stored, as the stand does. */
export function jobData(record: BikeRecord, workshop: Workshop, secondPerson: SecondLooks): JobData {
  const facts = coreRecord(record);
  const states = { front: endState(facts, 'front', workshop), rear: endState(facts, 'rear', workshop) };
  const job = jobOf(record.bike.facts, states, activeEnd(facts), { secondPerson }, workshop.limits);
  const steps = job ? stepStates(procedure(job, stepFigures(workshop.limits)), record.events) : [];
  return { record, states, job, steps };
}
