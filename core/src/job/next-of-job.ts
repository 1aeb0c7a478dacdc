import { activeEnd } from '../choices';
import { axleAt, type End } from '../model';
import { endState, type BikeRecord, type EndState, type NextAction, type Workshop } from '../next-action';
import { procedure, stepFigures, stepInHand, stepStates } from '../procedure';
import { jobOf } from './job-of';

/** What of a bike decides what comes next, besides the states of its ends. */
export interface JobRecord extends BikeRecord {
  /** What was ordered, and whether it is here; nothing when left out. */
  orders?: readonly { place: string; what: string; state: 'wanted' | 'ordered' | 'received' }[];
}

/**
 * The one thing to do next with a bike, over the whole life of its job: what its end asks for until a stack is taken, then what
 * was ordered and is not here, then the step in hand at the stand, until it is back with its rider.
 *
 * @param state - of the end in hand
 * @param otherState - of the other end, where that has a motor too; worked out here when left out
 */
export function nextOfJob(
  record: JobRecord,
  state: EndState,
  workshop: Workshop,
  otherState: EndState | null = null,
): NextAction {
  const { next, end } = state;
  if (next.kind !== 'fit') return next;
  const { wheelCode } = next;
  const job = jobOf(
    record.bike ?? {},
    { [end]: state, ...besides(record, end, workshop, otherState) },
    end,
    { secondPerson: workshop.secondPerson ?? 'none' },
    workshop.limits,
  );
  if (!job) return next;
  const steps = stepStates(procedure(job, stepFigures(workshop.limits)), record.events ?? []);
  const done = steps.filter(({ how }) => how !== 'open').length;
  const awaited = (record.orders ?? []).filter((line) => line.place === axleAt(end) && line.state === 'ordered');
  if (done === 0 && awaited[0]) {
    return { kind: 'awaited', end, wheelCode, what: awaited[0].what, count: awaited.length };
  }
  const inHand = stepInHand(steps);
  if (!inHand) return next;
  const { step, how, awaitsSecond } = inHand;
  return {
    kind: 'stand',
    end: step.end ?? end,
    wheelCode,
    stepId: step.id,
    title: step.title,
    at: steps.indexOf(inHand) + 1,
    of: steps.length,
    done,
    waits: how === 'problem' ? 'problem' : awaitsSecond ? 'second-person' : null,
  };
}

/** The other end's state, where a stack is taken there too: one plan is made of both. */
function besides(
  record: JobRecord,
  end: End,
  workshop: Workshop,
  known: EndState | null,
): Partial<Record<End, EndState>> {
  const other = end === 'front' ? 'rear' : 'front';
  if (!record.stacks.some(({ place }) => place === axleAt(other))) return {};
  return { [other]: known ?? endState(record, other, workshop) };
}

/** The end in hand with its state, and what comes next for the bike. */
export function jobState(record: JobRecord, workshop: Workshop): { end: End; state: EndState; next: NextAction } {
  const end = activeEnd(record);
  const state = endState(record, end, workshop);
  return { end, state, next: nextOfJob(record, state, workshop) };
}
