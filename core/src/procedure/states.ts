import { eventsOf, vouchedBy, type JobEvent } from '../job-events';
import type { Step } from './contract';

/** Where one step stands. */
export interface StepState {
  step: Step;
  /** `stood-in`: nobody did it; the owner answers for that, with a reason. */
  how: 'open' | 'done' | 'skipped' | 'problem' | 'stood-in';
  /** Who ended it; null while it is open. */
  person: string | null;
  at: string | null;
  because: string | null;
  /** What was found or reached at its checks. */
  readings: readonly { check: string; value: number }[];
  /** Figures that were recorded before and replaced by others, oldest first: they stay on record. */
  replaced: readonly { check: string; value: number; person: string; at: string }[];
  /** Every problem that was noted here, put right or not, oldest first. */
  problems: readonly { because: string | null; person: string; at: string }[];
  /** Somebody else has confirmed it. */
  confirmedBy: string | null;
  /** It asks for a second person who has not confirmed it yet. */
  awaitsSecond: boolean;
  /** Done elsewhere, as a file says that was read in; nobody here answers for it, so it is open. */
  elsewhere: { person: string; at: string } | null;
  /** Steps that come before it and are not ended, or not yet looked at by a second person. */
  waitsFor: readonly string[];
}

/** Shortest reason that stands in for a step that safety hangs on, in characters and in words. */
export const reasonOfSubstance = { characters: 20, words: 4 };

/**
 * Whether a reason says something: enough to be read on a sheet a year later.
 *
 * @example saysSomething('no') // false
 */
export function saysSomething(because: string): boolean {
  const text = because.trim();
  const said = new Set(
    text
      .toLowerCase()
      .split(/\s+/)
      .filter((word) => word.length > 1),
  );
  return text.length >= reasonOfSubstance.characters && said.size >= reasonOfSubstance.words;
}

/** Whether a step is over: done; stood in for; or skipped where no safety hangs on it. */
export function isEnded({ step, how }: Pick<StepState, 'step' | 'how'>): boolean {
  return how === 'done' || how === 'stood-in' || (how === 'skipped' && !step.safety);
}

/** Where each step of a plan stands, read off what happened: the last word on a step holds. */
export function stepStates(steps: readonly Step[], events: readonly JobEvent[]): StepState[] {
  const last = new Map<
    string,
    { how: StepState['how']; person: string; at: string; because: string | null; readings: StepState['readings'] }
  >();
  const confirmed = new Map<string, string>();
  const elsewhere = new Map<string, StepState['elsewhere']>();
  const said = new Map<string, { person: string; at: string; readings: StepState['readings'] }[]>();
  const problems = new Map<string, StepState['problems'][number][]>();
  const vouched = vouchedBy(events) !== null;
  const stepOf = new Map(steps.map((step) => [step.id, step]));
  for (const { data, person, at, imported } of eventsOf(events, 'step')) {
    const { stepId, how, because = null, readings = [] } = data;
    if (imported && !vouched && stepOf.get(stepId)?.safety) {
      // What is wrong is believed of anybody; that it is right takes somebody here.
      if (how !== 'problem') {
        elsewhere.set(stepId, how === 'done' || how === 'confirmed' ? { person, at } : null);
        continue;
      }
    }
    elsewhere.delete(stepId);
    if (how === 'confirmed') {
      // Nobody confirms their own work.
      if (last.get(stepId) && last.get(stepId)!.person !== person) confirmed.set(stepId, person);
      continue;
    }
    confirmed.delete(stepId);
    if (how === 'problem') problems.set(stepId, [...(problems.get(stepId) ?? []), { because, person, at }]);
    if (how === 'done') said.set(stepId, [...(said.get(stepId) ?? []), { person, at, readings }]);
    if (how === 'undone') last.delete(stepId);
    else last.set(stepId, { how, person, at, because, readings });
  }
  const ended = (id: string) => isEnded({ step: stepOf.get(id)!, how: last.get(id)?.how ?? 'open' });
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
      replaced: replacedBefore(said.get(step.id) ?? []),
      problems: problems.get(step.id) ?? [],
      confirmedBy,
      elsewhere: elsewhere.get(step.id) ?? null,
      awaitsSecond: asks && state?.how === 'done' && confirmedBy === null,
      waitsFor: [...new Set([...step.after.filter((id) => !ended(id)), ...openBefore(step, states)])],
    });
  }
  return states;
}

/** What was read before and read otherwise since. */
function replacedBefore(
  said: readonly { person: string; at: string; readings: StepState['readings'] }[],
): StepState['replaced'] {
  return said.slice(0, -1).flatMap(({ person, at, readings }, index) => {
    const next = new Map(said[index + 1]!.readings.map(({ check, value }) => [check, value]));
    return readings.flatMap(({ check, value }) => (next.get(check) === value ? [] : [{ check, value, person, at }]));
  });
}

/**
 * What power, the ride and the hand-over wait for: every step before them that safety hangs on and that is not ended, and
 * every look of a second person that is missing. On the ride itself nobody stands by; what is found there is looked at before
 * the hand-over.
 */
function openBefore({ powered, station }: Step, before: readonly StepState[]): string[] {
  if (!powered && station !== 'ride' && station !== 'hand-over') return [];
  return before
    .filter((state) => {
      const { awaitsSecond, step } = state;
      const earlier = step.station !== station || (station !== 'ride' && !step.powered);
      // The bench comes before the bike: what is not begun there does not hold the bench up.
      const open = step.safety && !isEnded(state) && !(station === 'bench');
      return earlier && (awaitsSecond || open);
    })
    .map(({ step }) => step.id);
}

/** The step to go on with: the first that is open and waits for nothing, else the first that is not done. */
export function stepInHand(steps: readonly StepState[]): StepState | null {
  return (
    steps.find(({ how, waitsFor }) => how === 'open' && waitsFor.length === 0) ??
    steps.find(({ awaitsSecond }) => awaitsSecond) ??
    steps.find(({ how }) => how === 'problem') ??
    steps.find((state) => !isEnded(state)) ??
    null
  );
}
