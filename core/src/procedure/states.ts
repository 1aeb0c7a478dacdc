import { eventsOf, type JobEvent } from '../job-events';
import type { Step } from './contract';

/** Where one step stands. */
export interface StepState {
  step: Step;
  how: 'open' | 'done' | 'skipped' | 'problem';
  /** Who ended it; null while it is open. */
  person: string | null;
  at: string | null;
  because: string | null;
  /** What was found or reached at its checks. */
  readings: readonly { check: string; value: number }[];
  /** Somebody else has confirmed it. */
  confirmedBy: string | null;
  /** It asks for a second person who has not confirmed it yet. */
  awaitsSecond: boolean;
  /** Steps that come before it and are not done, or not yet looked at by a second person. */
  waitsFor: readonly string[];
}

/** Where each step of a plan stands, read off what happened: the last word on a step holds. */
export function stepStates(steps: readonly Step[], events: readonly JobEvent[]): StepState[] {
  const last = new Map<
    string,
    { how: StepState['how']; person: string; at: string; because: string | null; readings: StepState['readings'] }
  >();
  const confirmed = new Map<string, string>();
  for (const { data, person, at } of eventsOf(events, 'step')) {
    const { stepId, how, because = null, readings = [] } = data;
    if (how === 'confirmed') {
      // Nobody confirms their own work.
      if (last.get(stepId) && last.get(stepId)!.person !== person) confirmed.set(stepId, person);
      continue;
    }
    confirmed.delete(stepId);
    if (how === 'undone') last.delete(stepId);
    else last.set(stepId, { how, person, at, because, readings });
  }
  const ended = (id: string) => ['done', 'skipped'].includes(last.get(id)?.how ?? 'open');
  const states: StepState[] = [];
  for (const step of steps) {
    const state = last.get(step.id);
    const confirmedBy = confirmed.get(step.id) ?? null;
    const asks = step.checks.some(({ kind }) => kind === 'second-person');
    states.push({
      step,
      how: state?.how ?? 'open',
      person: state?.person ?? null,
      at: state?.at ?? null,
      because: state?.because ?? null,
      readings: state?.readings ?? [],
      confirmedBy,
      awaitsSecond: asks && state?.how === 'done' && confirmedBy === null,
      waitsFor: [...new Set([...step.after.filter((id) => !ended(id)), ...unseenBefore(step, states)])],
    });
  }
  return states;
}

/** Whether only the owner's word confirms a step: a throttle without a brake that cuts the motor. */
export function takesOwner(stepId: string): boolean {
  return stepId === 'cut-off';
}

/**
 * What a second person must have looked at before a step: power, the ride and the hand-over wait for it. On the ride
 * itself nobody stands by; what is found there is looked at before the hand-over.
 */
function unseenBefore({ powered, station }: Step, before: readonly StepState[]): string[] {
  if (!powered && station !== 'ride' && station !== 'hand-over') return [];
  return before
    .filter(({ awaitsSecond, step }) => {
      const earlier = step.station !== station || (station !== 'ride' && !step.powered);
      return awaitsSecond && earlier;
    })
    .map(({ step }) => step.id);
}
