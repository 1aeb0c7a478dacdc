import { bikesAtOnce } from '@cricket/contract/routes';
import { createHash } from 'node:crypto';

import type { DataSource, EntityManager } from 'typeorm';

import { ask, prepared } from './prepared';

/** Over which PostgreSQL tells every server what has changed. */
export const changeChannel = 'cricket_changes';

/** What has changed, and by which write. */
export interface ChangeNotice {
  subject: string;
  writeId: string;
}

/** What a write is about, as the journal says it. */
interface About {
  bikeId: string | null;
  action: string;
  subject: string;
}

/** Under which a write's subject is marked; null for what nobody keeps. */
export function markOf({ bikeId, subject, action }: About): string | null {
  if (bikeId) return `bike:${bikeId}`;
  if (subject === 'wheel' || action === 'wheels-imported') return 'wheels';
  if (subject === 'part' || action === 'stores-imported') return 'stores';
  if (subject === 'shop') return 'settings';
  return subject === 'person' ? 'people' : null;
}

/**
 * The SQL that marks a subject anew, and gives it back.
 *
 * @param subject - an expression
 * @param from - where the expression is looked up: nothing there, nothing marked
 */
export const marking = (subject: string, from = ''): string => `
  INSERT INTO revision (subject, revision) SELECT ${subject}, gen_random_uuid() ${from}
  ON CONFLICT (subject) DO UPDATE SET revision = excluded.revision RETURNING subject`;

/** Marks a change within its transaction; when that is done, every server is told. */
export async function markChange(manager: EntityManager, mark: string, writeId: string): Promise<void> {
  const notice: ChangeNotice = { subject: mark, writeId };
  await manager.query(`WITH marked AS (${marking('$1')}) SELECT pg_notify($2, $3) FROM marked`, [
    mark,
    changeChannel,
    JSON.stringify(notice),
  ]);
}

/** Marks everything: the demo was filled anew. */
export async function markAll(manager: EntityManager): Promise<void> {
  await manager.query(`
    INSERT INTO revision (subject, revision)
    SELECT 'bike:' || id, gen_random_uuid() FROM bike
    UNION ALL SELECT unnest(ARRAY['wheels', 'stores', 'settings', 'people']), gen_random_uuid()
    ON CONFLICT (subject) DO UPDATE SET revision = excluded.revision
  `);
}

const listMarks = prepared(`
  SELECT string_agg(revision::text, ' ' ORDER BY subject) AS marks, bool_and(revision IS NOT NULL) AS whole FROM (
    SELECT 'bike:' || id AS subject FROM (
      SELECT id FROM bike WHERE withdrawn_at IS NULL ORDER BY created_at DESC LIMIT $1
    ) AS newest
    UNION ALL SELECT unnest(ARRAY['wheels', 'stores', 'settings'])
  ) AS shown LEFT JOIN revision USING (subject)`);

/**
 * The entity tag of the list of bikes: of the bikes in it, and of all that their next actions follow from. What is due with
 * time is due by the day.
 */
export async function listTag(source: DataSource, now: Date): Promise<string | null> {
  const [row] = await ask<{ marks: string; whole: boolean }>(source, listMarks, [bikesAtOnce]);
  return row?.whole ? tagOf([now.toISOString().slice(0, 13), row.marks]) : null;
}

/** The entity tag of what follows from some marks. */
export function tagOf(parts: readonly string[]): string {
  return `W/"${createHash('sha256').update(parts.join(' ')).digest('base64url').slice(0, 22)}"`;
}
