import { QueryFailedError, type DataSource, type EntityTarget } from 'typeorm';

import type { OfBike } from './entities/of-bike';
import type { Subject, WriteContext } from './journal';
import { ask, prepared, type Prepared } from './prepared';
import { changeChannel, marking, markOf, type ChangeNotice } from './revisions';
import { filledColumns, jsonRow } from './rows';

/** Of each table and set of columns one. */
const questions = new Map<string, Prepared>();

/**
 * Keeps a new row that follows from nothing but what was sent: row, journal and mark in one question and one commit, while the
 * bike is held against a withdrawal in the same moment. What waits for the bike gets its time of receipt when its turn comes.
 *
 * @param values - by the names of the entity; what is left out gets its default
 * @returns null where something is not as usual, and nothing was kept: the bike is not there or not in the shop, or the write
 *   or the row is there already. `journalled` finds out which.
 */
export async function keepAtOnce<T>(
  dataSource: DataSource,
  { writeId, person, personId, bodyDigest = null }: WriteContext,
  { bikeId, action, subject, subjectId }: Subject & { bikeId: string },
  entity: EntityTarget<OfBike>,
  values: Readonly<Record<string, unknown>>,
): Promise<T | null> {
  const filled = filledColumns(dataSource, entity, values);
  const mark = markOf({ bikeId, action, subject });
  const notice: ChangeNotice = { subject: mark!, writeId };
  const journal = [writeId, personId, personId === null ? person : null, bodyDigest, action, subject, subjectId];
  const asked = [bikeId, ...journal, mark, changeChannel, JSON.stringify(notice)];
  try {
    const [kept] = await ask<{ row: T }>(dataSource, questionFor(dataSource, entity, filled), [
      ...asked,
      ...filled.parameters,
    ]);
    return kept?.row ?? null;
  } catch (error) {
    if (error instanceof QueryFailedError && (error.driverError as { code?: string }).code === '23505') return null;
    throw error;
  }
}

function questionFor(
  dataSource: DataSource,
  entity: EntityTarget<OfBike>,
  { tableName, columns, names }: ReturnType<typeof filledColumns>,
): Prepared {
  const known = questions.get(`${tableName} ${names}`);
  if (known) return known;
  const places = columns.map(({ type }, index) => `$${index + 12}::${String(type)}`);
  const question = prepared(`
    WITH held AS (
      SELECT id FROM bike WHERE id = $1 AND withdrawn_at IS NULL FOR UPDATE
    ), it AS (
      INSERT INTO ${tableName} (${names}) SELECT ${places.join(', ')} FROM held RETURNING *
    ), kept AS (
      SELECT ${jsonRow(dataSource, entity, 'it')} AS row FROM it
    ), noted AS (
      INSERT INTO journal (id, person_id, person_name, body_digest, bike_id, action, subject, subject_id, after)
      SELECT $2, $3, $4, $5, $1, $6, $7, $8, row::jsonb FROM kept RETURNING id
    ), marked AS (${marking('$9', 'FROM noted')})
    SELECT row, pg_notify($10, $11) FROM kept, marked`);
  questions.set(`${tableName} ${names}`, question);
  return question;
}
