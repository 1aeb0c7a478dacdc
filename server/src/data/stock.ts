import { randomUUID } from 'node:crypto';

import type { OrderLine, StorePart } from '@cricket/contract/shapes';
import type { PartKind } from '@cricket/core/part-kinds';
import { drawerFor, drawerOf, type WantedPart } from '@cricket/core/parts';
import type { Place } from '@cricket/core/model';
import type { TakenParts } from '@cricket/core/stock';
import { In, type EntityManager } from 'typeorm';

import { PartEntity } from './entities/part';
import { StoreMoveEntity } from './entities/store-move';
import { markChange } from './revisions';
import { jsonRow, type Source } from './rows';

/** Kinds that a taken stack is made of: what else came for a bike stays with it. */
const stackKinds: readonly string[] = [
  'plain',
  'tabbed',
  'c-washer',
  'lock-plate',
  'arm',
  'rotor-shim',
  'caliper-shim',
];

/** On hand, as core has it: the last count, and what was moved since. */
const onHand = `
  greatest(0, coalesce(counted.count, 0) + coalesce((
    SELECT sum(move.count) FROM store_move AS move
    WHERE move.part_id = it.id AND move.kind = 'moved' AND move.at > coalesce(counted.at, '-infinity')
  ), 0))`;

/** What of it lies with bikes. */
const withBikes = `coalesce((
    SELECT -sum(move.count) FROM store_move AS move WHERE move.part_id = it.id AND move.bike_id IS NOT NULL
  ), 0)`;

/** What was ordered to go into it, and has not come. */
const onOrder = `coalesce((
    SELECT sum(line.count) FROM order_line AS line WHERE line.drawer_id = it.id AND line.state = 'ordered'
  ), 0)`;

async function partsWhere(source: Source, where: string, given: readonly unknown[] = []): Promise<StorePart[]> {
  const rows: { part: StorePart; count: string; with_bikes: string; on_order: string }[] = await source.query(
    `SELECT ${jsonRow(source, PartEntity, 'it')} AS part,
       ${onHand} AS count, ${withBikes} AS with_bikes, ${onOrder} AS on_order
     FROM part AS it LEFT JOIN LATERAL (
       SELECT count, at FROM store_move WHERE part_id = it.id AND kind = 'counted' ORDER BY at DESC, id DESC LIMIT 1
     ) AS counted ON true
     WHERE ${where} ORDER BY it.kind, (it.spec->'thicknessMm')::double precision NULLS FIRST, it.id`,
    [...given],
  );
  return rows.map(({ part, count, with_bikes, on_order }) => ({
    ...part,
    count: Number(count),
    withBikes: Number(with_bikes),
    onOrder: Number(on_order),
  }));
}

/** The stores with what is on hand, without withdrawn parts. */
export function allStores(source: Source): Promise<StorePart[]> {
  return partsWhere(source, 'it.withdrawn_at IS NULL');
}

/** One part with what is on hand, withdrawn or not; null when there is none. */
export async function storePart(source: Source, id: string): Promise<StorePart | null> {
  return (await partsWhere(source, 'it.id = $1', [id]))[0] ?? null;
}

/** What lies with one bike, place by place: part of its record. */
export const takenByBike = `(
  SELECT coalesce(json_agg(json_build_object('itemId', lot.part_id, 'place', lot.place, 'count', lot.count)), '[]')
  FROM (
    SELECT part_id, place, -sum(count) AS count FROM store_move
    WHERE bike_id = bike.id GROUP BY part_id, place HAVING sum(count) <> 0 ORDER BY part_id, place
  ) AS lot
)`;

/** Of two that take from the drawers at once the second sees what the first has left. */
export async function holdStores(manager: EntityManager): Promise<void> {
  await manager.query("SELECT pg_advisory_xact_lock(hashtext('stores'))");
}

interface Move {
  partId: string;
  kind: 'counted' | 'moved';
  count: number;
  at: Date;
  personId: string | null;
  bikeId?: string | null;
  place?: Place | null;
  orderId?: string | null;
}

/** New rows of the ledger. */
async function addMoves(manager: EntityManager, moves: readonly Move[]): Promise<void> {
  const rows = moves.map((move) => ({ id: randomUUID(), bikeId: null, place: null, orderId: null, ...move }));
  for (let from = 0; from < rows.length; from += 1000) {
    await manager.insert(StoreMoveEntity, rows.slice(from, from + 1000));
  }
}

/** Drawers were counted. */
export function countParts(
  manager: EntityManager,
  counts: readonly { partId: string; count: number }[],
  personId: string | null,
): Promise<void> {
  const at = new Date();
  return addMoves(
    manager,
    counts.map((counted) => ({ ...counted, kind: 'counted' as const, at, personId })),
  );
}

interface Taking {
  bikeId: string;
  place: Place;
  at: Date;
  personId: string | null;
  /** Of the write that takes. */
  writeId: string;
}

/**
 * Parts leave their drawers for one place of a bike; what lay there of the stack before goes back.
 *
 * @param before - what lies with the bike
 */
export async function takeParts(
  manager: EntityManager,
  before: readonly TakenParts[],
  parts: readonly { itemId: string; count: number }[],
  { bikeId, place, at, personId, writeId }: Taking,
): Promise<void> {
  const there = before.filter((lot) => lot.place === place);
  const ofStack = await manager.find(PartEntity, {
    where: { id: In(there.map(({ itemId }) => itemId)), kind: In(stackKinds as PartKind[]) },
    select: { id: true },
  });
  const goesBack = new Set(ofStack.map(({ id }) => id));
  const change = new Map(there.flatMap(({ itemId, count }) => (goesBack.has(itemId) ? [[itemId, count]] : [])));
  for (const { itemId, count } of parts) change.set(itemId, (change.get(itemId) ?? 0) - count);
  const moved = [...change].filter(([, count]) => count !== 0);
  if (moved.length === 0) return;
  await addMoves(
    manager,
    moved.map(([partId, count]) => ({ partId, kind: 'moved' as const, count, at, bikeId, place, personId })),
  );
  await markChange(manager, 'stores', writeId);
}

/** The drawer that a line of an order went into before; null where it did not. */
export async function drawerOfLine(manager: EntityManager, lineId: string): Promise<string | null> {
  const rows: { drawer_id: string | null }[] = await manager.query('SELECT drawer_id FROM order_line WHERE id = $1', [
    lineId,
  ]);
  return rows[0]?.drawer_id ?? null;
}

/**
 * The drawer that an order goes into: one that has just this part, or a new one where the order says enough of it. Null where
 * it could be one of several.
 */
export async function drawerOfOrder(manager: EntityManager, part: WantedPart): Promise<string | null> {
  const known = drawerFor(part, await allStores(manager));
  if (known) return known.id;
  const spec = drawerOf(part);
  if (!spec) return null;
  const id = randomUUID();
  await manager.insert(PartEntity, { id, kind: part.kind, spec, label: null, costEach: null, version: 1 } as never);
  return id;
}

/**
 * What came with an order lies with its bike: it is on hand for that one and promised to no other. An order that has not come
 * after all takes it back.
 *
 * @param drawerId - where the part belongs
 */
export async function deliverOrder(
  manager: EntityManager,
  { id, bikeId, place, state, count }: Pick<OrderLine, 'id' | 'bikeId' | 'place' | 'state' | 'count'>,
  drawerId: string,
  { at, personId, writeId }: Omit<Taking, 'bikeId' | 'place'>,
): Promise<void> {
  const rows: { came: string }[] = await manager.query(
    `SELECT coalesce(sum(count), 0) AS came FROM store_move WHERE order_id = $1 AND bike_id IS NULL`,
    [id],
  );
  const more = (state === 'received' ? count : 0) - Number(rows[0]!.came);
  if (more !== 0) {
    const move = { partId: drawerId, kind: 'moved' as const, at, personId, orderId: id };
    await addMoves(manager, [
      { ...move, count: more },
      { ...move, count: -more, bikeId, place },
    ]);
  }
  // What is on order shows in the stores, too.
  await markChange(manager, 'stores', writeId);
}
