import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import { jobOf } from '@cricket/core/job';
import { axleAt, jobEventSchemaVersion } from '@cricket/core/model';
import { endState, type Workshop } from '@cricket/core/next-action';
import { procedure, type StepCheck } from '@cricket/core/procedure';
import type { EntityManager } from 'typeorm';

import { JobEventEntity } from '../data/entities/job-event';
import { JournalEntity } from '../data/entities/journal';
import { OrderLineEntity } from '../data/entities/order-line';
import { bikeRecord } from '../data/records';
import type { DemoBike } from './bikes';
import { demoId } from './demo-id';
import { addDrawnPhotos } from './drawn-photos';

/** Who writes, and from when on. */
export interface Written {
  bikeId: string;
  number: number;
  personId: string;
  at: () => Date;
}

/** Every step of the plan done, one after the other, with what was found. */
export async function doEveryStep(
  manager: EntityManager,
  { activeEnd }: DemoBike,
  workshop: Workshop,
  { bikeId, number, personId, at }: Written,
): Promise<void> {
  const record = await bikeRecord(manager, bikeId);
  const core = coreRecord(record);
  const states = { front: endState(core, 'front', workshop), rear: endState(core, 'rear', workshop) };
  const job = jobOf(record.bike.facts, states, activeEnd, { secondPerson: 'none' });
  if (!job) throw new Error(`demo bike ${record.bike.tag} has nothing to do`);
  const steps = procedure(job);
  const abouts = steps.flatMap(({ checks }) =>
    checks.flatMap((check) => (check.kind === 'photo' ? [check.about] : [])),
  );
  await addDrawnPhotos(manager, abouts, { bikeId, number, personId, at });
  const events = steps.map(({ id, end, checks, minutes }, index) => {
    const readings = checks.flatMap(found);
    return {
      id: demoId(6000 + number, index + 1),
      bikeId,
      kind: 'step' as const,
      place: axleAt(end ?? activeEnd),
      schemaVersion: jobEventSchemaVersion,
      data: {
        stepId: id,
        how: 'done',
        minutes: minutes.typical,
        ...(readings.length > 0 && { readings }),
      },
      at: at(),
      personId,
      personName: null,
      withdrawnAt: null,
    };
  });
  await manager.insert(JobEventEntity, events);
}

/** A figure that holds: the torque asked for, the middle of a range, a little over a least. */
function found(check: StepCheck): { check: string; value: number }[] {
  if (check.kind === 'torque') return [{ check: check.id, value: check.nm }];
  if (check.kind !== 'measure') return [];
  const { min, max } = check;
  const value = min !== null && max !== null ? (min + max) / 2 : min !== null ? min + 0.4 : (max ?? 0) / 2;
  return [{ check: check.id, value: Number(value.toFixed(1)) }];
}

/** What is under way for a bike: its kit and what the kit leaves out. */
export async function orderKit(
  manager: EntityManager,
  state: 'ordered' | 'received',
  kit: { code: string; cost: number; leadDays: number },
  end: 'front' | 'rear',
  { bikeId, number, personId, at }: Written,
): Promise<void> {
  const line = {
    bikeId,
    place: axleAt(end),
    count: 1,
    changedAt: at(),
    personId,
    personName: null,
    version: 1,
  };
  await manager.insert(OrderLineEntity, [
    {
      ...line,
      id: demoId(7, 10 * number),
      what: `Kit ${kit.code}`,
      reason: 'The conversion.',
      costEach: kit.cost,
      leadDays: kit.leadDays,
      state,
    },
    {
      ...line,
      id: demoId(7, 10 * number + 1),
      what: 'Rim tape',
      reason: 'The new rim’s spoke holes are bare.',
      costEach: 10,
      leadDays: 5,
      state: 'received',
    },
  ]);
}

/** The journal of a bike as its writes would have left it: one row for each, in the order of their times. */
export async function journalOf(manager: EntityManager, { bikeId, number }: Written): Promise<void> {
  const { bike, readings, choices, acceptances, orders, events, photos } = await bikeRecord(manager, bikeId);
  const rows = [
    { at: bike.createdAt, personId: null, action: 'bike-in', subject: 'bike', subjectId: bikeId, after: bike },
    ...takenIn(bike, readings),
    ...readings.filter(({ place }) => place !== 'bike').map((item) => row(item.takenAt, 'reading', 'reading', item)),
    ...choices.map((item) => row(item.chosenAt, `choice-${item.kind}`, 'choice', item)),
    ...acceptances.map(({ input: _, result: __, ...item }) =>
      row(item.acceptedAt, `${item.kind}-accepted`, 'acceptance', item),
    ),
    ...orders.map((item) => row(item.changedAt, `order-${item.state}`, 'order', item)),
    ...photos.map((item) => row(item.takenAt, 'photo', 'photo', item)),
    ...events.map((item) => row(item.at, `event-${item.kind}`, 'event', item)),
  ];
  const [first] = readings;
  await manager.insert(
    JournalEntity,
    rows.map(({ personId, ...each }, index) => ({
      ...each,
      id: demoId(9000 + number, index + 1),
      at: new Date(each.at),
      personId: personId ?? first?.personId ?? null,
      personName: null,
      bikeId,
      before: null,
    })) as never,
  );
}

/** What was told at take-in is one write. */
function takenIn({ id, facts }: BikeRecord['bike'], readings: BikeRecord['readings']) {
  const [first] = readings.filter(({ place }) => place === 'bike');
  if (!first) return [];
  const { takenAt: at, personId } = first;
  return [{ at, personId, action: 'taken-in', subject: 'take-in', subjectId: id, after: facts }];
}

function row(at: string, action: string, subject: string, after: { id: string; personId: string | null }) {
  return { at, personId: after.personId, action, subject, subjectId: after.id, after };
}
