import type { Step, StepCheck, StepState } from '@cricket/core/procedure';
import { say } from '../../ui/say';

/** What is ticked, entered and counted at a step before it is done. */
export interface CheckValues {
  ticked: Readonly<Record<string, boolean>>;
  /** Figures by check: N·m, mm, V, pieces. */
  figures: Readonly<Record<string, number>>;
}

export const noValues: CheckValues = { ticked: {}, figures: {} };

/** The same values with one look taken, or taken back. */
export function withTick(values: CheckValues, id: string, ticked: boolean): CheckValues {
  return { ...values, ticked: { ...values.ticked, [id]: ticked } };
}

/** The same values with another figure of one check, or without any. */
export function withFigure(values: CheckValues, id: string, value: number | null): CheckValues {
  const { [id]: _, ...rest } = values.figures;
  return { ...values, figures: value === null ? rest : { ...rest, [id]: value } };
}

/** A step as it was recorded: its figures, and every look taken. */
export function asRecorded({ step, how, readings }: Pick<StepState, 'step' | 'how' | 'readings'>): CheckValues {
  if (how !== 'done') return noValues;
  return {
    ticked: Object.fromEntries(step.checks.map(({ id }) => [id, true])),
    figures: Object.fromEntries(readings.map(({ check, value }) => [check, value])),
  };
}

/** How far over or under its target a torque may be, as a share: what wrenches do [J]. */
const torquePlay = 0.08;

/** The most that a torque may read: the fastener's own limit, or the plan with what wrenches do. */
export function mostNm({ nm, mostNm: own }: Extract<StepCheck, { kind: 'torque' }>): number {
  return Math.max(own, (1 + torquePlay) * nm);
}

/** How one check stands: open, held, or against what is asked. */
export type CheckState = 'open' | 'held' | 'against';

export function checkState(check: StepCheck, { ticked, figures }: CheckValues): CheckState {
  const figure = figures[check.id];
  switch (check.kind) {
    case 'confirm':
      return ticked[check.id] ? 'held' : 'open';
    case 'measure':
      if (figure === undefined) return check.mayLeaveOut ? 'held' : 'open';
      return (check.min === null || figure >= check.min) && (check.max === null || figure <= check.max)
        ? 'held'
        : 'against';
    case 'torque':
      if (figure === undefined) return 'open';
      // More than the plan is done as long as it is within what this fastener may get.
      return figure >= (1 - torquePlay) * check.nm - 1e-9 && figure <= mostNm(check) + 1e-9 ? 'held' : 'against';
    case 'count':
      if (figure === undefined) return 'open';
      // More than was asked for is told to the seller; it does not stop the work.
      return figure >= check.count ? 'held' : 'against';
    default:
      // Photos may be left out; the second person comes after.
      return 'held';
  }
}

/** How looks are said to be taken: one by one, or all of a step with the touch that ends it. */
export type Looks = 'each' | 'with-the-step';

/**
 * Whether a step may be called done, and what stands against it. Where safety hangs on it every check must be held one by
 * one; elsewhere "done" also stands for what only has to be looked at. A figure that does not hold is never done.
 */
export function mayBeDone(
  step: Pick<Step, 'checks' | 'safety'>,
  values: CheckValues,
  looks: Looks = 'each',
): Readiness {
  const asked = ({ kind }: StepCheck) =>
    kind === 'torque' || kind === 'measure' || (step.safety && (kind !== 'confirm' || looks === 'each'));
  const is = (state: CheckState) => step.checks.filter((check) => checkState(check, values) === state);
  const [open, against] = [is('open').filter(asked), is('against')];
  return { may: open.length === 0 && against.length === 0, open, against };
}

/** Whether a step may be called done; if not, what is missing and what does not hold. */
export interface Readiness {
  may: boolean;
  open: StepCheck[];
  against: StepCheck[];
}

/** A part that was counted; as many as were counted on where nobody said otherwise. */
interface Counted {
  what: string;
  got: number;
  count: number;
}

/** Every part that a step counts. */
export function countedParts({ checks }: Pick<Step, 'checks'>, { figures }: CheckValues): Counted[] {
  return checks.flatMap((check) =>
    check.kind === 'count'
      ? [{ what: say(check.what), got: figures[check.id] ?? check.count, count: check.count }]
      : [],
  );
}

/** Parts of which fewer came than were counted on: such a step is a problem, not done. */
export function missingParts(step: Pick<Step, 'checks'>, values: CheckValues): Counted[] {
  return countedParts(step, values).filter(({ got, count }) => got < count);
}

/** The figures as they go into the record. */
export function readingsOf(values: CheckValues): { check: string; value: number }[] {
  return Object.entries(values.figures).map(([check, value]) => ({ check, value }));
}
