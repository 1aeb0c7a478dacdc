import { listed, said, type Said } from '@cricket/core/said';
import { NewJobEvent, unsuitedEvent } from '@cricket/contract';
import type { BikeRecord, JobEvent } from '@cricket/contract/shapes';
import type { JobEventData, JobEventKind } from '@cricket/core/job-events';
import { endAt, jobEventSchemaVersion, type Place } from '@cricket/core/model';
import { endState } from '@cricket/core/next-action';
import { mayOverride } from '@cricket/core/overrides';
import type { Context } from 'hono';
import { IsNull, type DataSource, type EntityManager } from 'typeorm';

import { JobEventEntity } from '../data/entities/job-event';
import { bikeRecord } from '../data/records';
import { shopSettings, workshopOf } from '../data/workshop';
import { jobData } from '../documents/job-data';
import { withoutStacks } from '../fit/summaries';
import { facts } from './facts';
import { holdPresent, makerIn } from './guard';
import { holdReason } from './hold-reason';
import { ProblemError } from '../problem/problem';
import { madeAt } from './write-context';

/** Two phones' clocks differ by less than this once they have heard the server's. */
const toleratedMs = 60_000;

/** What only some roles may say; every other kind is for everybody. */
const rolesFor: Partial<Record<JobEventKind, readonly string[]>> = {
  override: ['owner'],
  vouched: ['owner'],
  received: ['owner', 'installer'],
  'kit-parts': ['owner', 'installer'],
};

/** What happens to a job: appended, and withdrawn. */
export const events = (dataSource: DataSource) =>
  facts<NewJobEvent, JobEvent>(dataSource, {
    kind: 'event',
    entity: JobEventEntity,
    body: NewJobEvent,
    together: unsuitedEvent,
    action: ({ kind }) => `event-${kind}`,
    prepare: async (c, body) => {
      holdRole(c, body.kind);
      if (isWord(body)) holdPresent(c);
      return null;
    },
    byItself: ({ kind }) => kind !== 'step' && kind !== 'override',
    columns: async ({ kind, place, data, at: claimed }, { c, manager, bikeId }) => {
      const at = madeAt(c, claimed);
      if (kind === 'step') {
        const step = data as JobEventData<'step'>;
        await holdConfirmation(c, manager, bikeId, step);
        await holdPlan(c, manager, bikeId, step);
        await holdLaterWord(manager, bikeId, step, at);
      }
      if (kind === 'vouched') holdReason((data as JobEventData<'vouched'>).because);
      if (kind === 'override') await holdOverride(manager, bikeId, place, data as JobEventData<'override'>);
      return { kind, place, data, at, schemaVersion: jobEventSchemaVersion };
    },
    mayTakeBack: (c, event) => {
      holdRole(c, event.kind);
      holdOwnWord(c, event);
    },
  });

/** What somebody answers for: an override, a second look, standing in for a step. */
function isWord({ kind, data }: { kind: JobEventKind; data: object }): boolean {
  if (kind === 'override' || kind === 'vouched') return true;
  const { how } = data as Partial<JobEventData<'step'>>;
  return kind === 'step' && (how === 'confirmed' || how === 'stood-in');
}

function holdRole(c: Context, kind: JobEventKind): void {
  const { name, role } = makerIn(c);
  const needed = rolesFor[kind];
  if (needed && !needed.includes(role)) {
    throw new ProblemError(403, 'not-allowed', said('problem.as-role', { name, role, needed: rolesSaid(needed) }));
  }
}

/** What somebody answers for, what is wrong, and what cannot be undone is taken back by its author or the owner. */
function holdOwnWord(c: Context, event: JobEvent): void {
  const { id, name, role } = makerIn(c);
  const kept = isWord(event) || event.kind === 'irreversible' || isProblem(event);
  if (!kept || role === 'owner' || event.personId === id) return;
  throw new ProblemError(403, 'not-allowed', said('problem.said-by-another', { person: event.person, name }));
}

function isProblem({ kind, data }: JobEvent): boolean {
  return kind === 'step' && (data as Partial<JobEventData<'step'>>).how === 'problem';
}

/** What was said of this bike's steps and holds, in the order in which it was received. */
function stepsSoFar(manager: EntityManager, bikeId: string): Promise<JobEventEntity[]> {
  return manager.find(JobEventEntity, {
    where: { bikeId, kind: 'step', withdrawnAt: IsNull() },
    relations: { person: true },
    order: { receivedAt: 'ASC', at: 'ASC' },
  });
}

/** The second person's word: not a learner's, not that of who did the step, and only on a step that is done. */
async function holdConfirmation(
  c: Context,
  manager: EntityManager,
  bikeId: string,
  { stepId, how }: JobEventData<'step'>,
): Promise<void> {
  if (how !== 'confirmed') return;
  const { id, name, role } = makerIn(c);
  const needed = ['owner', 'installer'];
  if (!needed.includes(role)) {
    throw new ProblemError(403, 'not-allowed', said('problem.as-role', { name, role, needed: rolesSaid(needed) }));
  }
  const steps = await stepsSoFar(manager, bikeId);
  const last = steps.filter(({ data }) => {
    const step = data as JobEventData<'step'>;
    return step.stepId === stepId && step.how !== 'confirmed';
  });
  const done = last.at(-1);
  if ((done?.data as JobEventData<'step'> | undefined)?.how !== 'done') {
    throw new ProblemError(422, 'invalid-input', said('problem.step-not-done'), [
      { path: 'data.stepId', messages: [said('problem.not-done', { stepId })] },
    ]);
  }
  if (done!.personId === id) {
    throw new ProblemError(403, 'not-allowed', said('problem.own-step', { name }));
  }
}

/**
 * A step ends as the plan has it, worked out here and not by the page: it is in the plan, what comes first has ended, a
 * learner's word is not enough where safety hangs on it, and such a step is never skipped: the owner stands in for it, with a
 * reason that says something.
 */
async function holdPlan(
  c: Context,
  manager: EntityManager,
  bikeId: string,
  { stepId, how, because }: JobEventData<'step'>,
): Promise<void> {
  if (how !== 'done' && how !== 'skipped' && how !== 'stood-in') return;
  const workshop = await workshopOf(manager);
  const { steps, states } = jobData(await bikeRecord(manager, bikeId), workshop, await shopSettings(manager));
  const refuse = (message: Said, path = 'data.how'): never => {
    throw new ProblemError(422, 'invalid-input', said('problem.step-not-so'), [{ path, messages: [message] }]);
  };
  const { step, waitsFor } =
    steps.find((state) => state.step.id === stepId) ?? refuse(said('problem.not-in-plan', { stepId }), 'data.stepId');
  if (step.end && states[step.end].next.kind === 'refused') {
    refuse(said('problem.no-motor', { end: step.end }), 'data.stepId');
  }
  const { name, role } = makerIn(c);
  if (how === 'done') {
    if (waitsFor.length > 0) refuse(said('problem.waits-for', { stepId, steps: waitsFor.join(', ') }), 'data.stepId');
    if (step.safety && role === 'learner') {
      const title = said('problem.learner-at-safety', { name });
      throw new ProblemError(403, 'not-allowed', title);
    }
    return;
  }
  if (how === 'skipped') {
    if (step.safety) refuse(said('problem.never-skipped', { stepId }));
    return;
  }
  if (role !== 'owner') {
    throw new ProblemError(
      403,
      'not-allowed',
      said('problem.as-role', { name, role, needed: said('problem.role', { role: 'owner' }) }),
    );
  }
  if (!step.safety) refuse(said('problem.may-be-skipped', { stepId }));
  holdReason(because ?? '');
}

/**
 * An entry that waited at a phone does not undo what somebody found meanwhile: that the step was done was said before, and is
 * asked again.
 */
async function holdLaterWord(
  manager: EntityManager,
  bikeId: string,
  { stepId, how }: JobEventData<'step'>,
  at: Date,
): Promise<void> {
  if (how !== 'done' && how !== 'skipped' && how !== 'stood-in' && how !== 'confirmed') return;
  const steps = await stepsSoFar(manager, bikeId);
  const last = steps.findLast(({ data }) => (data as JobEventData<'step'>).stepId === stepId);
  const word = (last?.data as JobEventData<'step'> | undefined)?.how;
  if (!last || (word !== 'problem' && word !== 'undone') || last.at.getTime() <= at.getTime() + toleratedMs) return;
  throw new ProblemError(409, 'said-meanwhile', said('problem.step-looked-at'), [
    {
      path: 'at',
      messages: [said('problem.looked-after', { person: last.person?.name ?? last.personName ?? '', word })],
    },
  ]);
}

/** Only a `stop` that stands, and of those only what may be overridden. */
async function holdOverride(
  manager: EntityManager,
  bikeId: string,
  place: Place,
  data: JobEventData<'override'>,
): Promise<void> {
  const end = endAt(place)!;
  const record: BikeRecord = await bikeRecord(manager, bikeId);
  const { fit, wheel } = endState(withoutStacks(record), end, await workshopOf(manager));
  const found = wheel?.id === data.wheelId ? fit?.findings.find(({ id }) => id === data.findingId) : undefined;
  if (found && mayOverride(found)) return;
  throw new ProblemError(422, 'invalid-input', said('problem.no-override'), [
    {
      path: 'data.findingId',
      messages: [
        found
          ? said('problem.never-overridden', { findingId: data.findingId, because: found.because })
          : said('problem.not-found-there', { findingId: data.findingId, end }),
      ],
    },
  ]);
}

function rolesSaid(roles: readonly string[]) {
  return listed(
    roles.map((role) => said('problem.role', { role })),
    'or',
  );
}
