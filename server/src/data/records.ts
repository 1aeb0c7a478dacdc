import type {
  AcceptedStack,
  Bike,
  BikeRecord,
  Choice,
  JobEvent,
  JournalRow,
  OrderLine,
  Photo,
  Reading,
  StoreItem,
  Wheel,
} from '@cricket/contract/shapes';
import { ILike, In, IsNull, type DataSource, type EntityManager } from 'typeorm';

import { ProblemError } from '../http/problem';
import { AcceptedStackEntity } from './entities/accepted-stack';
import { BikeEntity } from './entities/bike';
import { ChoiceEntity } from './entities/choice';
import { JobEventEntity } from './entities/job-event';
import type { JournalEntity } from './entities/journal';
import { OrderLineEntity } from './entities/order-line';
import { PhotoEntity } from './entities/photo';
import { ReadingEntity } from './entities/reading';
import { StoreItemEntity } from './entities/store-item';
import { WheelEntity } from './entities/wheel';

type Source = DataSource | EntityManager;

/** The bike, for a write: locked against a withdrawal in the same moment. */
export async function bikeForWrite(manager: EntityManager, bikeId: string): Promise<BikeEntity> {
  const bike = await manager.findOne(BikeEntity, { where: { id: bikeId }, lock: { mode: 'pessimistic_write' } });
  if (!bike) throw new ProblemError(404, 'not-found', 'There is no such bike.');
  if (bike.withdrawnAt) throw new ProblemError(410, 'withdrawn', 'This bike was taken out of the shop meanwhile.');
  return bike;
}

/** Everything known of one bike. */
export async function bikeRecord(source: Source, bikeId: string): Promise<BikeRecord> {
  const manager = 'manager' in source ? source.manager : source;
  const bike = await manager.findOneBy(BikeEntity, { id: bikeId });
  if (!bike) throw new ProblemError(404, 'not-found', 'There is no such bike.');
  const [record] = await recordsOf(manager, [bike]);
  return record!;
}

/** The most bikes that one list holds: the newest; others are found by their tag or name. */
export const mostListed = 60;

/**
 * The newest bikes in the shop with everything known of each, in eight queries however many they are.
 *
 * @param search - part of a tag or name; empty for all
 */
export async function bikesInShop(source: DataSource, search = ''): Promise<BikeRecord[]> {
  const like = ILike(`%${search.replace(/[\\%_]/g, '\\$&')}%`);
  const inShop = { withdrawnAt: IsNull() };
  const bikes = await source.manager.find(BikeEntity, {
    where: search
      ? [
          { ...inShop, tag: like },
          { ...inShop, name: like },
        ]
      : inShop,
    order: { createdAt: 'DESC' },
    take: mostListed,
  });
  return recordsOf(source.manager, bikes.reverse());
}

async function recordsOf(manager: EntityManager, bikes: BikeEntity[]): Promise<BikeRecord[]> {
  const where = { bikeId: In(bikes.map(({ id }) => id)) };
  const readings = await manager.find(ReadingEntity, { where, order: { takenAt: 'ASC', id: 'ASC' } });
  const choices = await manager.find(ChoiceEntity, { where, order: { chosenAt: 'ASC', id: 'ASC' } });
  const stacks = await manager.find(AcceptedStackEntity, { where, order: { acceptedAt: 'ASC', id: 'ASC' } });
  const orders = await manager.find(OrderLineEntity, { where, order: { changedAt: 'ASC', id: 'ASC' } });
  const events = await manager.find(JobEventEntity, { where, order: { receivedAt: 'ASC', at: 'ASC', id: 'ASC' } });
  const photos = await manager.find(PhotoEntity, { where, order: { takenAt: 'ASC', id: 'ASC' } });
  const of = <T extends { bikeId: string }>(rows: readonly T[], id: string) =>
    rows.filter(({ bikeId }) => bikeId === id);
  return bikes.map((bike) => ({
    bike: bikeShape(bike),
    readings: of(readings, bike.id).map(readingShape),
    choices: of(choices, bike.id).map(choiceShape),
    stacks: of(stacks, bike.id).map(stackShape),
    orders: of(orders, bike.id).map(orderShape),
    events: of(events, bike.id).map(eventShape),
    photos: of(photos, bike.id).map(photoShape),
  }));
}

/** The catalogue of motor wheels. */
export async function allWheels(source: Source): Promise<Wheel[]> {
  const manager = 'manager' in source ? source.manager : source;
  return (await manager.find(WheelEntity, { order: { code: 'ASC', id: 'ASC' } })).map(wheelShape);
}

/** The stores, without withdrawn lines. */
export async function allStores(source: Source): Promise<StoreItem[]> {
  const manager = 'manager' in source ? source.manager : source;
  const items = await manager.find(StoreItemEntity, {
    where: { withdrawnAt: IsNull() },
    order: { kind: 'ASC', thicknessMm: 'ASC', id: 'ASC' },
  });
  return items.map(storeItemShape);
}

export function bikeShape(bike: BikeEntity): Bike {
  return { ...bike, createdAt: bike.createdAt.toISOString(), withdrawnAt: bike.withdrawnAt?.toISOString() ?? null };
}

export function readingShape(reading: ReadingEntity): Reading {
  return {
    ...reading,
    takenAt: reading.takenAt.toISOString(),
    withdrawnAt: reading.withdrawnAt?.toISOString() ?? null,
  };
}

export function choiceShape(choice: ChoiceEntity): Choice {
  return {
    ...choice,
    chosenAt: choice.chosenAt.toISOString(),
    withdrawnAt: choice.withdrawnAt?.toISOString() ?? null,
  };
}

export function stackShape(stack: AcceptedStackEntity): AcceptedStack {
  return { ...stack, acceptedAt: stack.acceptedAt.toISOString() };
}

export function orderShape(line: OrderLineEntity): OrderLine {
  return { ...line, changedAt: line.changedAt.toISOString() };
}

export function eventShape(event: JobEventEntity): JobEvent {
  const { at, withdrawnAt, receivedAt, ...rest } = event;
  return {
    ...rest,
    at: at.toISOString(),
    withdrawnAt: withdrawnAt?.toISOString() ?? null,
    // While it is being written, the database has not said it yet.
    ...(receivedAt && { receivedAt: receivedAt.toISOString() }),
  } as JobEvent;
}

export function photoShape({ picture: _, small: __, takenAt, withdrawnAt, ...rest }: PhotoEntity): Photo {
  return { ...rest, takenAt: takenAt.toISOString(), withdrawnAt: withdrawnAt?.toISOString() ?? null };
}

export function wheelShape({ id, code, spec, note, version }: WheelEntity): Wheel {
  return { id, code, ...spec, note, version };
}

export function storeItemShape(item: StoreItemEntity): StoreItem {
  return { ...item, withdrawnAt: item.withdrawnAt?.toISOString() ?? null };
}

export function journalShape({ at, ...row }: JournalEntity): JournalRow {
  return { ...row, at: at.toISOString() };
}
