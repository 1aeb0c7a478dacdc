import { bikesAtOnce } from '@cricket/contract/routes';
import type { BikeSummary } from '@cricket/contract/shapes';

import type { Cursor } from '../data/cursor';
import { BikeSummaryEntity } from '../data/entities/bike-summary';
import { managerOf, type Source } from '../data/rows';

/** What is kept of one bike of the list. */
export interface KeptSummary {
  bikeId: string;
  /** The marks of everything that it follows from, as they are now; null: something was never marked, and nothing is kept. */
  stamp: string | null;
  /** Null where nothing is kept that still holds. */
  summary: BikeSummary | null;
}

/** Which bikes are listed. */
export interface ListAsk {
  /** Part of a tag or name; empty for all that are in the shop. Who searches finds those that were taken out, too. */
  search?: string;
  before?: Cursor | null;
}

/** The newest bikes that are asked for, oldest first, each with what this program keeps of it. */
export async function keptList(
  source: Source,
  program: string,
  { search = '', before = null }: ListAsk,
): Promise<KeptSummary[]> {
  const like = `%${search.replace(/[\\%_]/g, '\\$&')}%`;
  const which = search ? '(tag ILIKE $1 OR name ILIKE $1)' : '(withdrawn_at IS NULL AND $1::text IS NOT NULL)';
  const from = before ? 'AND (created_at, id) < ($2::timestamptz, $3::uuid)' : '';
  return keptOf(
    source,
    program,
    `SELECT id, created_at FROM bike WHERE ${which} ${from} ORDER BY created_at DESC, id DESC LIMIT ${bikesAtOnce}`,
    [like, ...(before ? [before.at, before.id] : [])],
  );
}

/** The same of one bike. */
export async function keptSummary(source: Source, program: string, bikeId: string): Promise<KeptSummary | null> {
  return (await keptOf(source, program, 'SELECT id, created_at FROM bike WHERE id = $1', [bikeId]))[0] ?? null;
}

async function keptOf(
  source: Source,
  program: string,
  listed: string,
  given: readonly unknown[],
): Promise<KeptSummary[]> {
  return source.query(
    `WITH shop AS (
       SELECT CASE WHEN count(*) = 3
         THEN string_agg(revision::text, ' ' ORDER BY subject) || ' ' || $${given.length + 1}::text END AS mark
       FROM revision WHERE subject IN ('wheels', 'stores', 'settings')
     ), listed AS (${listed})
     SELECT listed.id AS "bikeId", own.revision || ' ' || shop.mark AS stamp,
       CASE WHEN kept.stamp = own.revision || ' ' || shop.mark THEN kept.summary END AS summary
     FROM listed CROSS JOIN shop
     LEFT JOIN revision AS own ON own.subject = 'bike:' || listed.id
     LEFT JOIN bike_summary AS kept ON kept.bike_id = listed.id
     ORDER BY listed.created_at, listed.id`,
    [...given, program],
  );
}

/** Keeps what was worked out. Of two that did so at once the last one holds: both have seen what their stamp says. */
export async function keepSummaries(
  source: Source,
  rows: readonly { stamp: string; summary: BikeSummary }[],
): Promise<void> {
  if (rows.length === 0) return;
  await managerOf(source).upsert(
    BikeSummaryEntity,
    rows.map(({ stamp, summary }) => ({ bikeId: summary.bike.id, stamp, summary })) as never,
    ['bikeId'],
  );
}
