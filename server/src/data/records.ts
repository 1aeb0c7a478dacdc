import { said } from '@cricket/core/said';
import { journalAtOnce } from '@cricket/contract/routes';
import type { Bike, BikeRecord, JournalRow, Wheel } from '@cricket/contract/shapes';
import { toldFacts } from '@cricket/core/told';
import type { EntityManager, EntityTarget } from 'typeorm';

import type { Cursor } from './cursor';
import { ProblemError } from '../problem/problem';
import { AcceptanceEntity } from './entities/acceptance';
import { BikeEntity } from './entities/bike';
import { ChoiceEntity } from './entities/choice';
import { JobEventEntity } from './entities/job-event';
import { JournalEntity } from './entities/journal';
import type { OfBike } from './entities/of-bike';
import { OrderLineEntity } from './entities/order-line';
import { PhotoEntity } from './entities/photo';
import { ReadingEntity } from './entities/reading';
import { WheelEntity } from './entities/wheel';
import { jsonRow, managerOf, type Source } from './rows';
import { takenByBike } from './stock';

/** The bike, for a write: locked against a withdrawal in the same moment. */
export async function bikeForWrite(manager: EntityManager, bikeId: string): Promise<BikeEntity> {
  const bike = await manager.findOne(BikeEntity, { where: { id: bikeId }, lock: { mode: 'pessimistic_write' } });
  return held(bike);
}

/**
 * The same for a new row of it, in one question: locks the bike, and says whether the row's id is taken.
 *
 * @param table - where the row is to go
 */
export async function holdForRow(manager: EntityManager, bikeId: string, table: string, id: string): Promise<boolean> {
  const rows: { withdrawnAt: Date | null; taken: boolean }[] = await manager.query(
    `SELECT withdrawn_at AS "withdrawnAt", EXISTS (SELECT FROM ${table} WHERE id = $2) AS taken FROM bike WHERE id = $1 FOR UPDATE OF bike`,
    [bikeId, id],
  );
  return held(rows[0]).taken;
}

/** A bike that is there, and in the shop. */
function held<T extends { withdrawnAt: Date | null }>(bike: T | null | undefined): T {
  if (!bike) throw new ProblemError(404, 'not-found', said('problem.no-such-bike'));
  if (bike.withdrawnAt) throw new ProblemError(410, 'withdrawn', said('problem.bike-out'));
  return bike;
}

/** Everything known of one bike. */
export async function bikeRecord(source: Source, bikeId: string): Promise<BikeRecord> {
  const [record] = await recordsWhere(source, 'WHERE bike.id = $1', [bikeId]);
  if (!record) throw new ProblemError(404, 'not-found', said('problem.no-such-bike'));
  return record;
}

/** These bikes with everything known of each, in one query however many they are. */
export function recordsOf(source: Source, bikeIds: readonly string[]): Promise<BikeRecord[]> {
  return recordsWhere(source, 'WHERE bike.id = ANY($1)', [bikeIds]);
}

/** The lists of a record: their rows, in the order in which they are read off. */
const lists: readonly [name: string, entity: EntityTarget<OfBike>, order: string][] = [
  ['readings', ReadingEntity, 'taken_at, id'],
  ['choices', ChoiceEntity, 'chosen_at, id'],
  ['acceptances', AcceptanceEntity, 'accepted_at, id'],
  ['orders', OrderLineEntity, 'changed_at, id'],
  ['events', JobEventEntity, 'received_at, at, id'],
  ['photos', PhotoEntity, 'taken_at, id'],
];

async function recordsWhere(source: Source, rest: string, given: readonly unknown[]): Promise<BikeRecord[]> {
  const { dataSource } = managerOf(source);
  const queries = lists.map(([name, entity, order]) => {
    const { tableName } = dataSource.getMetadata(entity);
    const sorted = order.split(', ').map((column) => `it.${column}`);
    return `'${name}', (
      SELECT coalesce(json_agg(${jsonRow(source, entity, 'it')} ORDER BY ${sorted.join(', ')}), '[]')
      FROM ${tableName} AS it WHERE it.bike_id = bike.id
    )`;
  });
  const rows: { record: Omit<BikeRecord, 'bike'> & { bike: Omit<Bike, 'facts'> } }[] = await source.query(
    `SELECT json_build_object('bike', ${jsonRow(source, BikeEntity, 'bike')}, ${queries.join(', ')}, 'taken', ${takenByBike}) AS record
     FROM bike ${rest}`,
    [...given],
  );
  return rows.map(({ record }) => ({ ...record, bike: { ...record.bike, facts: toldFacts(record.readings) } }));
}

/** What was written about one bike last, in the order in which it was; before a row of it where one is named. */
export async function journalRows(source: Source, bikeId: string, before: Cursor | null): Promise<JournalRow[]> {
  const from = before ? 'AND (it.at, it.id) < ($3::timestamptz, $4::uuid)' : '';
  const rows: { row: JournalRow }[] = await source.query(
    `SELECT ${jsonRow(source, JournalEntity, 'it')} AS row FROM journal AS it
     WHERE it.bike_id = $1 ${from} ORDER BY it.at DESC, it.id DESC LIMIT $2`,
    [bikeId, journalAtOnce, ...(before ? [before.at, before.id] : [])],
  );
  return rows.map(({ row }) => row).reverse();
}

/** The catalogue of motor wheels. */
export async function allWheels(source: Source): Promise<Wheel[]> {
  const manager = managerOf(source);
  return (await manager.find(WheelEntity, { order: { code: 'ASC', id: 'ASC' } })).flatMap(
    (row) => wheelShape(row) ?? [],
  );
}

/** A wheel as it goes over the wire; null for one of which nothing but its id is known here. */
export function wheelShape({ id, code, spec, note, version }: WheelEntity): Wheel | null {
  return code === null || spec === null ? null : { id, code, ...spec, note, version };
}
