import { said } from '@cricket/core/said';
import type { DataSource, EntityManager } from 'typeorm';

import { ProblemError } from '../problem/problem';
import { JournalEntity } from './entities/journal';
import { markChange, markOf } from './revisions';

/** Who writes, and the write's own id. */
export interface WriteContext {
  writeId: string;
  person: string;
  personId: string | null;
  /** Of the body as it was sent. */
  bodyDigest?: string | null;
}

/** What a write is about. */
export interface Subject {
  bikeId: string | null;
  action: string;
  subject: string;
  subjectId: string;
}

/** State before and after, for the journal. */
export interface Change {
  before: unknown;
  after: unknown;
}

/**
 * Runs one write and its journal row in one transaction. The row goes in first: of two requests with the same write id the
 * second waits for the first and then changes nothing.
 *
 * @returns false when this write was done before
 */
export async function journalled(
  dataSource: DataSource,
  { writeId, person, personId, bodyDigest = null }: WriteContext,
  subject: Subject,
  change: (manager: EntityManager) => Promise<Change>,
): Promise<boolean> {
  const { bikeId, action, subject: about, subjectId } = subject;
  return dataSource.transaction(async (manager) => {
    const inserted: unknown[] = await manager.query(
      `INSERT INTO journal (id, person_id, person_name, body_digest, bike_id, action, subject, subject_id)
       VALUES ($1, $2, $3, $4, $5, $6, $7, $8) ON CONFLICT DO NOTHING RETURNING id`,
      [writeId, personId, personId === null ? person : null, bodyDigest, bikeId, action, about, subjectId],
    );
    if (inserted.length === 0) {
      const earlier = await manager.findOneByOrFail(JournalEntity, { id: writeId });
      const sameBody = earlier.bodyDigest === null || earlier.bodyDigest === bodyDigest;
      if (!sameBody || earlier.subjectId !== subjectId || earlier.action !== action) {
        throw new ProblemError(409, 'id-taken', said('problem.write-of-another'), [
          {
            path: 'x-write-id',
            messages: [said('problem.write-used', { writeId, action: earlier.action, subjectId: earlier.subjectId })],
          },
        ]);
      }
      return false;
    }
    const { before, after } = await change(manager);
    await manager.query('UPDATE journal SET before = $2, after = $3 WHERE id = $1', [
      writeId,
      written(before),
      written(after),
    ]);
    const mark = markOf(subject);
    if (mark) await markChange(manager, mark, writeId);
    return true;
  });
}

/** A state as JSON; none is no state. */
function written(state: unknown): string | null {
  return state === null || state === undefined ? null : JSON.stringify(state);
}
