import { coreRecord, heldStacks } from '@cricket/contract/core-record';
import type { BikeRecord, ShopSettings, StackAcceptance } from '@cricket/contract/shapes';
import { activeEnd } from '@cricket/core/choices';
import type { EndState, Workshop } from '@cricket/core/next-action';
import { jobOf } from '@cricket/core/job';
import { costTable, type CostTable } from '@cricket/core/job-cost';
import {
  jobTime,
  procedure,
  stepStates,
  stepFigures,
  wholeMinutes,
  type JobFacts,
  type StepState,
} from '@cricket/core/procedure';
import type { LimitsInput } from '@cricket/core/limits';
import { axleAt, type End } from '@cricket/core/model';
import { roomShopping, wholeBike } from '@cricket/core/whole-bike';
import { defaultUnits, type Units } from '@cricket/core/units';
import type { Language } from '@cricket/core/said';
import type { Speaker } from '@cricket/words';

import { endStatesOf } from '../fit/kept-states';
import { speakers } from '../speech/speakers';
import { machineTimeZone } from './paper-date';

/** A job as its sheets show it. */
export interface JobData {
  record: BikeRecord;
  states: Record<End, EndState>;
  /** Null while nothing is chosen for either end. */
  job: JobFacts | null;
  steps: StepState[];
  /** What the shop reads in. */
  units: Units;
  /** Whose clock the paper goes by. */
  timeZone: string;
  /** Who says it, in the language of whoever it is printed for. */
  speaker: Speaker;
}

/** What the whole job's sheet has besides. */
export interface SheetData extends JobData {
  /** Null while nothing is chosen for either end. */
  costs: CostTable | null;
  /** Three letters; null: figures without a name. */
  currency: string | null;
}

/** Puts a job together from what is stored, as the stand does. */
export function jobData(
  record: BikeRecord,
  workshop: Workshop,
  {
    secondPerson = 'none',
    units = defaultUnits,
    timeZone = machineTimeZone(),
  }: Pick<Partial<ShopSettings>, 'secondPerson' | 'units' | 'timeZone'>,
  language: Language = 'en',
): JobData {
  const facts = coreRecord(record);
  const states = endStatesOf(record, workshop);
  const job = jobOf(record.bike.facts, states, activeEnd(facts), { secondPerson }, workshop.limits);
  const steps = job ? stepStates(procedure(job, stepFigures(workshop.limits)), record.events) : [];
  return { record, states, job, steps, units, timeZone, speaker: speakers[language] };
}

/** What a job costs as it is planned today. */
export function jobCosts(
  { record, job, states, steps }: Pick<JobData, 'record' | 'job' | 'states' | 'steps'>,
  logged: Workshop['logged'],
  hourlyRate: number,
  limits?: LimitsInput,
): CostTable | null {
  if (!job) return null;
  const time = jobTime(
    steps.map(({ step }) => step),
    logged,
  );
  const fits = job.ends.flatMap(({ end }) => states[end].fit ?? []);
  const kits = job.ends.flatMap(({ end }) => states[end].wheel?.kit ?? []);
  const besides = { shopping: roomShopping(wholeBike(record.bike.facts, kits).toGet, limits), tools: [] };
  return costTable([...fits, besides], wholeMinutes(time), hourlyRate);
}

/** The same job with steps and torques as they were when its stacks were taken, whatever was changed since. */
export function asAccepted(data: JobData): JobData {
  const { record, job: today } = data;
  const last = heldStacks(record)
    .flatMap(({ result }) => result.planned ?? [])
    .at(-1);
  if (!today || !last) return data;
  const ends = today.ends.map((end) => ({ ...end, ...takenAt(record, end.end)?.result.planned?.end }));
  const job = { ...today, ends, stated: last.stated };
  return { ...data, job, steps: stepStates(procedure(job, last.figures), record.events) };
}

/** The stack of this end that was taken last and holds. */
export function takenAt(record: Pick<BikeRecord, 'acceptances' | 'events'>, end: End): StackAcceptance | null {
  return (
    heldStacks(record)
      .filter(({ place }) => place === axleAt(end))
      .at(-1) ?? null
  );
}
