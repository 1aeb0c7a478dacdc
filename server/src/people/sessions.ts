import { createHash, randomBytes } from 'node:crypto';

import { LessThan, type DataSource } from 'typeorm';

import { PersonEntity } from '../data/entities/person';
import { SessionEntity } from '../data/entities/session';
import { ask, prepared } from '../data/prepared';

/** Days after which a browser must be signed in again: unused, and at all. */
const idleDays = 30;
const longestDays = 180;
const dayMs = 24 * 3600 * 1000;
/** How long somebody's own queued writes are taken from a phone that others have used since. */
const proofHours = 12;
/** How exactly it is known when a session was last used. */
const seenEveryMs = 10 * 60 * 1000;

/** Seconds for which the browser keeps the cookie. */
export const cookieSeconds = longestDays * 24 * 3600;

/** Who asks: the person at the phone, and everybody who has proved to be themselves there. */
export interface Signed {
  tokenDigest: string;
  person: PersonEntity;
  /** Those whose proof still holds. */
  provedIds: readonly string[];
  proofs: Readonly<Record<string, string>>;
  /** The marks that were asked for with it, by their subjects. */
  marks: Readonly<Record<string, string>>;
}

interface SignedRow extends PersonEntity {
  token_digest: string;
  proofs: Record<string, string>;
  created_at: Date;
  seen_at: Date;
  marks: Record<string, string> | null;
}

/** With the marks of what is asked for: most requests ask the database nothing else. */
const signedQuery = prepared(`
  SELECT (SELECT json_object_agg(subject, revision) FROM revision WHERE subject = ANY($2)) AS marks, token_digest, proofs, created_at, seen_at,
    person.id, name, name_key AS "nameKey", role, active, password_hash AS "passwordHash", pin_hash AS "pinHash", person.language, version
  FROM session JOIN person ON person.id = session.person_id WHERE token_digest = $1`);

/** Sessions in the database: any server process finds them. */
export class Sessions {
  constructor(private readonly dataSource: DataSource) {}

  /**
   * Starts a session, or hands a running one over to another person.
   *
   * @param before - the session that this browser had; it ends here, so that a token from before signing in is worthless
   * @returns the cookie's token
   */
  async start(personId: string, before: Signed | null): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const now = new Date();
    await this.dataSource.transaction(async (manager) => {
      if (before) await manager.delete(SessionEntity, { tokenDigest: before.tokenDigest });
      await manager.insert(SessionEntity, {
        tokenDigest: digest(token),
        personId,
        proofs: { ...before?.proofs, [personId]: now.toISOString() },
        createdAt: now,
        seenAt: now,
      });
    });
    await this.dataSource.manager.delete(SessionEntity, {
      seenAt: LessThan(new Date(now.getTime() - idleDays * dayMs)),
    });
    return token;
  }

  /**
   * Who a token belongs to; null when it is unknown, too old, or its person may no longer sign in.
   *
   * @param subjects - whose marks are wanted along with it
   */
  async find(token: string | undefined, subjects: readonly string[] = []): Promise<Signed | null> {
    if (!token) return null;
    const [row] = await ask<SignedRow>(this.dataSource, signedQuery, [digest(token), subjects]);
    const now = Date.now();
    if (!row) return null;
    const { token_digest: tokenDigest, proofs, created_at: createdAt, seen_at: seenAt, marks, ...asPerson } = row;
    if (now - seenAt.getTime() > idleDays * dayMs) return null;
    if (now - createdAt.getTime() > longestDays * dayMs) return null;
    const person = Object.assign(new PersonEntity(), asPerson);
    if (!person.active) return null;
    if (now - seenAt.getTime() > seenEveryMs) {
      await this.dataSource.manager.update(SessionEntity, { tokenDigest }, { seenAt: new Date(now) });
    }
    const provedIds = Object.keys(proofs).filter((id) => now - Date.parse(proofs[id]!) < proofHours * 3600 * 1000);
    return { tokenDigest, person, provedIds, proofs, marks: marks ?? {} };
  }

  /** Ends this browser's session. */
  async end({ tokenDigest }: Signed): Promise<void> {
    await this.dataSource.manager.delete(SessionEntity, { tokenDigest });
  }

  /** Ends every session that a person is at, on every phone, and what the person has proved on those of others. */
  async endAll(personId: string): Promise<void> {
    await this.dataSource.manager.delete(SessionEntity, { personId });
    await this.dataSource.query('UPDATE session SET proofs = proofs - $1::text WHERE proofs ? $1::text', [personId]);
  }
}

function digest(token: string): string {
  return createHash('sha256').update(token).digest('base64url');
}
