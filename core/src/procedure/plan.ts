import type { End } from '../features';
import {
  stations,
  type EndJob,
  type JobFacts,
  type Station,
  type Step,
  type StepContext,
  type StepFigures,
} from './contract';
import { inContext, stepOf, type StepDefinition } from './define';
import type { School } from '../job-kinds';
import { stepsAxle } from './steps-axle';
import { stepsBar } from './steps-bar';
import { stepsBefore } from './steps-before';
import { stepsBrakes } from './steps-brakes';
import { stepsDryFit } from './steps-dry-fit';
import { stepsPower } from './steps-power';
import { stepsTest } from './steps-test';
import { stepsWheel } from './steps-wheel';
import { defaultFigures, withStated } from './step-figures';

/** Every step that a plan can have, in the order in which it is usually done. */
export const stepDefinitions: readonly StepDefinition[] = [
  ...stepsBefore,
  ...stepsDryFit,
  ...stepsWheel,
  ...stepsAxle,
  ...stepsBrakes,
  ...stepsBar,
  ...stepsPower,
  ...stepsTest,
];

const definitionOf = new Map(stepDefinitions.map((definition) => [definition.id, definition]));

/** Order of the stations for each school: it decides only where the steps themselves leave it free. */
const stationOrder: Record<School, readonly Station[]> = {
  'wheel-first': stations,
  'bar-first': [
    'receive',
    'bench',
    'bar',
    'sensor',
    'battery',
    ...stations.filter((station) => !['receive', 'bench', 'bar', 'sensor', 'battery'].includes(station)),
  ],
};

/**
 * The steps of this bike's conversion, in an order that may be followed from first to last.
 *
 * A step is in the plan when its reason holds for these facts. What must come before what is kept through steps that are
 * not in the plan. Where the order is free, the school decides which station comes first.
 *
 * @param job - facts of the job and of each end that gets a motor
 * @param figures - what each kind of fastener gets, and which gaps are asked for
 * @example procedure({ ends: [front], school: 'wheel-first', … }).map(({ id }) => id)
 * // ['parcel-look.front', 'parcel-count.front', …, 'appointment']
 */
export function procedure(job: JobFacts, figures: StepFigures = defaultFigures): Step[] {
  if (job.ends.length === 0) return [];
  const steps = new Map<string, Step>();
  const contextAt = contextsOf(job, figures);
  for (const definition of stepDefinitions) {
    const over = definition.each === 'end' ? job.ends.map(({ end }) => end) : [null];
    for (const end of over) {
      const step = stepOf(definition, contextAt(end), end);
      if (step) steps.set(step.id, step);
    }
  }
  const before = new Map<string, Set<string>>();
  for (const step of steps.values()) {
    before.set(step.id, comesBefore(baseId(step), step.end, job.ends, steps, contextAt));
  }
  return ordered([...steps.values()], before, job.school).map((step) => ({
    ...step,
    after: [...before.get(step.id)!],
  }));
}

/** What a step's texts and reasons are worked out from; the same for all steps of one end. */
function contextsOf(job: JobFacts, figures: StepFigures): (end: End | null) => StepContext {
  const known = new Map<End | null, StepContext>();
  return (end) => {
    let context = known.get(end);
    if (!context) {
      context = {
        job,
        end: job.ends.find((each) => each.end === end) ?? job.ends[0]!,
        ...figures,
        torque: withStated(figures.torque, job.stated, end),
      };
      known.set(end, context);
    }
    return context;
  };
}

function baseId({ id, end }: Step): string {
  return end ? id.slice(0, -end.length - 1) : id;
}

/** Ids of the steps in this plan that a step comes after, through those that are not in it. */
function comesBefore(
  base: string,
  end: End | null,
  ends: readonly EndJob[],
  steps: ReadonlyMap<string, Step>,
  contextAt: (end: End | null) => StepContext,
  seen = new Set<string>(),
): Set<string> {
  const found = new Set<string>();
  for (const id of inContext(definitionOf.get(base)!.after, contextAt(end))) {
    const definition = definitionOf.get(id);
    if (!definition) throw new Error(`step ${base} comes after ${id}, which does not exist`);
    // A step of the whole job waits for both ends, one of an end for its own.
    const places: (End | null)[] =
      definition.each === 'job' ? [null] : end === null ? ends.map((each) => each.end) : [end];
    for (const place of places) {
      const full = place ? `${id}.${place}` : id;
      if (steps.has(full)) found.add(full);
      else if (!seen.has(full)) {
        seen.add(full);
        for (const further of comesBefore(id, place, ends, steps, contextAt, seen)) found.add(further);
      }
    }
  }
  return found;
}

function ordered(steps: readonly Step[], before: ReadonlyMap<string, Set<string>>, school: School): Step[] {
  const order = stationOrder[school];
  const place = new Map(steps.map((step, index) => [step.id, order.indexOf(step.station) * 1000 + index]));
  const waiting = new Map(steps.map((step) => [step.id, step]));
  const result: Step[] = [];
  while (waiting.size > 0) {
    const ready = [...waiting.values()].filter(({ id }) => [...before.get(id)!].every((other) => !waiting.has(other)));
    const next = ready.reduce<Step | null>(
      (best, step) => (best && place.get(best.id)! <= place.get(step.id)! ? best : step),
      null,
    );
    if (!next) throw new Error(`steps wait for one another: ${[...waiting.keys()].join(', ')}`);
    result.push(next);
    waiting.delete(next.id);
  }
  return result;
}
