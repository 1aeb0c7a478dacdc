import { said, type Said } from '../said';
import type { End } from '../features';
import type {
  Irreversible,
  MeasureUnit,
  Station,
  Step,
  StepCheck,
  StepContext,
  StepDrawing,
  TorqueFigure,
} from './contract';
import { secondLooks, type SecondLooks } from '../job-kinds';

export type Says<T> = T | ((context: StepContext) => T);

/** What a second person looks at, and from which of the shop's choices on. */
interface SecondLook {
  what: Said;
  from: SecondLooks;
}

/** A step before it is known whether a plan has it. */
export interface StepDefinition {
  id: string;
  station: Station;
  /** Once for each end that gets a motor, or once for the job. */
  each: 'end' | 'job';
  title: Says<Said>;
  why: Says<Said>;
  /** The reason for which this plan has it; true when every plan has it, false when it has not. */
  when: (context: StepContext) => Said | boolean;
  after: Says<readonly string[]>;
  tools: Says<readonly Said[]>;
  parts: Says<readonly Said[]>;
  typical: number;
  slow: number;
  checks: Says<readonly StepCheck[]>;
  cautions: Says<readonly Said[]>;
  drawing: Says<StepDrawing>;
  waitMinutes: number;
  powered: boolean;
  safety: boolean;
  signed: Says<boolean>;
  irreversible: Says<readonly Irreversible[]>;
  school: Says<Step['school']>;
  /** What a second person looks at; null where only a shop that wants every safety step looked at asks for one. */
  second: Says<SecondLook | null>;
}

type Rest = Partial<Omit<StepDefinition, 'id' | 'station' | 'each' | 'title' | 'why'>>;

const define =
  (each: 'end' | 'job') =>
  (station: Station, id: string, title: Says<Said>, why: Says<Said>, rest: Rest = {}): StepDefinition => ({
    id,
    station,
    each,
    title,
    why,
    when: () => true,
    after: [],
    tools: [],
    parts: [],
    typical: 1,
    slow: 2 * (rest.typical ?? 1),
    checks: [],
    cautions: [],
    drawing: 'none',
    waitMinutes: 0,
    powered: false,
    safety: false,
    signed: false,
    irreversible: [],
    school: null,
    second: null,
    ...rest,
  });

/** A step of the end that gets a motor. */
export const atEnd = define('end');

/** A step of the job as a whole. */
export const onBike = define('job');

/** What a definition says in this job. */
export function inContext<T>(says: Says<T>, context: StepContext): T {
  return typeof says === 'function' ? (says as (context: StepContext) => T)(context) : says;
}

/** The step as this plan has it; null when it has not. */
export function stepOf(definition: StepDefinition, context: StepContext, end: End | null): Step | null {
  const because = definition.when(context);
  if (because === false) return null;
  const say = <T>(says: Says<T>): T => inContext(says, context);
  const { station, typical, slow, waitMinutes, powered, safety } = definition;
  return {
    id: end ? `${definition.id}.${end}` : definition.id,
    station,
    end,
    title: say(definition.title),
    why: say(definition.why),
    because: because === true ? null : because,
    after: say(definition.after),
    tools: say(definition.tools),
    parts: say(definition.parts),
    minutes: { typical, slow },
    checks: [...say(definition.checks), ...secondCheck(say(definition.second), safety, context.job.secondPerson)],
    cautions: say(definition.cautions),
    drawing: say(definition.drawing),
    waitMinutes,
    powered,
    safety,
    signed: say(definition.signed),
    irreversible: say(definition.irreversible),
    school: say(definition.school),
  };
}

/** What the second person is asked at a step; nothing where this shop asks nobody. */
function secondCheck(own: SecondLook | null, safety: boolean, asked: SecondLooks): StepCheck[] {
  const look: SecondLook | null =
    own ?? (safety ? { what: said('procedure.same-checks-once-more-with-fresh'), from: 'every' } : null);
  if (!look || secondLooks.indexOf(asked) < secondLooks.indexOf(look.from)) return [];
  return [{ kind: 'second-person', id: 'second', what: look.what, atOnce: look.from !== 'every' }];
}

export const confirm = (id: string, what: Said): StepCheck => ({ kind: 'confirm', id, what });
export const photo = (about: string, what: Said): StepCheck => ({ kind: 'photo', id: `photo-${about}`, what, about });
export const count = (id: string, what: Said, many: number): StepCheck => ({ kind: 'count', id, what, count: many });
export const measure = (
  id: string,
  what: Said,
  min: number | null,
  max: number | null,
  unit: MeasureUnit = 'mm',
): StepCheck => ({ kind: 'measure', id, what, unit, min, max });
/** Something that is set: within its range, and usually to what the plan says. */
export const set = (
  id: string,
  what: Said,
  unit: MeasureUnit,
  { min, max, aim }: { min: number | null; max: number | null; aim: number },
): StepCheck => ({ kind: 'measure', id, what, unit, min, max, aim });
/** A figure that may be left out: where it is given, the fit is worked out anew with it. */
export const measured = (id: string, what: Said): StepCheck => ({
  kind: 'measure',
  id,
  what,
  unit: 'mm',
  min: null,
  max: null,
  mayLeaveOut: true,
});
/** Snug for now: made fast later. */
export const trial = (id: string, what: Said, nm: number): StepCheck => ({
  kind: 'torque',
  id,
  what,
  nm,
  mostNm: Math.max(nm, 2 * nm),
  source: null,
  how: 'trial',
  threadLock: false,
});
export const final = (id: string, what: Said, figure: TorqueFigure, threadLock = false): StepCheck => ({
  kind: 'torque',
  id,
  what,
  ...figure,
  how: 'final',
  threadLock,
});

/** On which sides: `left`, `right` or `both`. */
export function onSides(sides: readonly string[]): string {
  return sides.length === 2 ? 'both' : (sides[0] ?? 'one');
}
