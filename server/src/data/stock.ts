import { randomUUID } from 'node:crypto';

import type { StoreItem } from '@cricket/contract/shapes';
import type { Place } from '@cricket/core/model';
import type { TakenParts } from '@cricket/core/stock';
import type { EntityManager } from 'typeorm';

import { StoreItemEntity } from './entities/store-item';
import { StoreMoveEntity } from './entities/store-move';
import { markChange } from './revisions';
import { jsonRow, type Source } from './rows';

/** On hand, as core has it: the last count, and what was moved since. */
const onHand = `
  greatest(0, coalesce(counted.count, 0) + coalesce((
    SELECT sum(move.count) FROM store_move AS move
    WHERE move.item_id = it.id AND move.kind = 'moved' AND move.at > coalesce(counted.at, '-infinity')
  ), 0))`;

/** What of it lies with bikes. */
const withBikes = `coalesce((
    SELECT -sum(move.count) FROM store_move AS move WHERE move.item_id = it.id AND move.bike_id IS NOT NULL
  ), 0)`;

async function itemsWhere(source: Source, where: string, given: readonly unknown[] = []): Promise<StoreItem[]> {
  const rows: { item: StoreItem; count: string; with_bikes: string }[] = await source.query(
    `SELECT ${jsonRow(source, StoreItemEntity, 'it')} AS item, ${onHand} AS count, ${withBikes} AS with_bikes
     FROM store_item AS it LEFT JOIN LATERAL (
       SELECT count, at FROM store_move WHERE item_id = it.id AND kind = 'counted' ORDER BY at DESC, id DESC LIMIT 1
     ) AS counted ON true
     WHERE ${where} ORDER BY it.kind, it.thickness_mm, it.id`,
    [...given],
  );
  return rows.map(({ item, count, with_bikes }) => ({ ...item, count: Number(count), withBikes: Number(with_bikes) }));
}

/** The stores with what is on hand, without withdrawn lines. */
export function allStores(source: Source): Promise<StoreItem[]> {
  return itemsWhere(source, 'it.withdrawn_at IS NULL');
}

/** One line with what is on hand, withdrawn or not; null when there is none. */
export async function storeItem(source: Source, id: string): Promise<StoreItem | null> {
  return (await itemsWhere(source, 'it.id = $1', [id]))[0] ?? null;
}

/** What lies with one bike, place by place: part of its record. */
export const takenByBike = `(
  SELECT coalesce(json_agg(json_build_object('itemId', lot.item_id, 'place', lot.place, 'count', lot.count)), '[]')
  FROM (
    SELECT item_id, place, -sum(count) AS count FROM store_move
    WHERE bike_id = bike.id GROUP BY item_id, place HAVING sum(count) <> 0 ORDER BY item_id, place
  ) AS lot
)`;

/** Of two that take from the drawers at once the second sees what the first has left. */
export async function holdStores(manager: EntityManager): Promise<void> {
  await manager.query("SELECT pg_advisory_xact_lock(hashtext('stores'))");
}

/** A drawer was counted. */
export async function countItems(
  manager: EntityManager,
  counts: readonly { itemId: string; count: number }[],
  personId: string | null,
): Promise<void> {
  const rows = counts.map(({ itemId, count }) => ({
    id: randomUUID(),
    itemId,
    kind: 'counted' as const,
    count,
    at: new Date(),
    bikeId: null,
    place: null,
    personId,
  }));
  for (let from = 0; from < rows.length; from += 1000) {
    await manager.insert(StoreMoveEntity, rows.slice(from, from + 1000));
  }
}

interface Taking {
  bikeId: string;
  place: Place;
  at: Date;
  personId: string | null;
  /** Of the write that takes. */
  writeId: string;
}

/** Parts leave their drawers for one place of a bike; what lay there before goes back. */
export async function takeParts(
  manager: EntityManager,
  before: readonly TakenParts[],
  parts: readonly { itemId: string; count: number }[],
  { bikeId, place, at, personId, writeId }: Taking,
): Promise<void> {
  const change = new Map(before.filter((lot) => lot.place === place).map(({ itemId, count }) => [itemId, count]));
  for (const { itemId, count } of parts) change.set(itemId, (change.get(itemId) ?? 0) - count);
  const rows = [...change].filter(([, count]) => count !== 0);
  if (rows.length === 0) return;
  await manager.insert(
    StoreMoveEntity,
    rows.map(([itemId, count]) => ({
      id: randomUUID(),
      itemId,
      kind: 'moved' as const,
      count,
      at,
      bikeId,
      place,
      personId,
    })),
  );
  await markChange(manager, 'stores', writeId);
}
