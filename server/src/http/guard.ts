import { listed, said } from '@cricket/core/said';
import { personHeader } from '@cricket/contract/routes';
import type { Role } from '@cricket/contract/shapes';
import { isUUID } from 'class-validator';
import type { Context, MiddlewareHandler } from 'hono';
import { getCookie } from 'hono/cookie';
import type { DataSource } from 'typeorm';

import type { Config } from '../config';
import { PersonEntity } from '../data/entities/person';
import type { Sessions, Signed } from '../people/sessions';
import { accessTo } from './access';
import { ProblemError } from '../problem/problem';

/** Name of the cookie that holds a session's token: the demo beside a shop of one's own has another one. */
export function sessionCookie({ demo }: Pick<Config, 'demo'>): string {
  return demo ? 'cricket_demo_session' : 'cricket_session';
}

const signedKey = 'signed';
const makerKey = 'maker';
const followsKey = 'follows';

/** Routes where nobody's queued word counts. */
const atThePhoneOnly = /^\/api\/(people|shop|session)\b|\/withdrawal\/?$/;

/** Lets through only who may: by the table of routes and roles. */
export function guard(dataSource: DataSource, sessions: Sessions, config: Pick<Config, 'demo'>): MiddlewareHandler {
  const cookie = sessionCookie(config);
  return async (c, next) => {
    const access = accessTo(c.req.method, c.req.path);
    const who = access?.who ?? null;
    const follows = access?.follows ?? [];
    const signed = await sessions.find(getCookie(c, cookie), follows);
    c.set(followsKey, follows);
    c.set(signedKey, signed);
    if (who === 'anyone') return next();
    if (!signed) throw new ProblemError(401, 'not-signed-in', said('problem.sign-in'));
    const maker = await makerOf(c, dataSource, signed);
    c.set(makerKey, maker);
    // What decides over people and judgement is taken from whoever is at the phone now, never in somebody's name.
    if (atThePhoneOnly.test(c.req.path)) holdPresent(c);
    // Without a rule there may still be no such route: a stranger is told neither.
    if (who !== null && !who.includes(maker.role)) throw notAllowed(maker, who);
    if (who === null) throw new ProblemError(404, 'not-found', said('problem.no-such-thing'));
    return next();
  };
}

/** Who asks; null on a route that is open to anyone when nobody has signed in. */
export function signedOf(c: Context): Signed | null {
  return (c.get(signedKey) as Signed | null | undefined) ?? null;
}

/** The marks that the answer follows from, in the order in which its route names them; null when one has never been marked. */
export function marksIn(c: Context): readonly string[] | null {
  const known = signedOf(c)?.marks ?? {};
  const marks = ((c.get(followsKey) as readonly string[] | undefined) ?? []).map((subject) => known[subject]);
  return marks.length > 0 && marks.every((mark) => mark !== undefined) ? marks : null;
}

/** Who made the write: usually who is at the phone, else somebody who was there before and whose write waited. */
export function makerIn(c: Context): PersonEntity {
  const maker = c.get(makerKey) as PersonEntity | undefined;
  if (!maker) throw new Error('a route without guard asks who writes');
  return maker;
}

/**
 * Refuses what somebody else has said before: it is taken only from the person who is at the phone now.
 *
 * @throws ProblemError 403
 */
export function holdPresent(c: Context): void {
  const maker = makerIn(c);
  if (signedOf(c)?.person.id === maker.id) return;
  throw new ProblemError(403, 'not-allowed', said('problem.takes-person', { name: maker.name }), [
    { path: personHeader, messages: [said('problem.not-at-this-phone')] },
  ]);
}

async function makerOf(c: Context, dataSource: DataSource, signed: Signed): Promise<PersonEntity> {
  const named = c.req.header(personHeader);
  if (!named || named === signed.person.id) return signed.person;
  const proved = isUUID(named) && signed.provedIds.includes(named);
  const person = proved ? await dataSource.manager.findOneBy(PersonEntity, { id: named }) : null;
  if (!person?.active) {
    throw new ProblemError(403, 'not-allowed', said('problem.not-signed-since'), [
      { path: personHeader, messages: [said('problem.never-at-this-phone')] },
    ]);
  }
  return person;
}

function notAllowed(maker: PersonEntity, who: readonly Role[]): ProblemError {
  return new ProblemError(
    403,
    'not-allowed',
    said('problem.as-one', {
      name: maker.name,
      role: maker.role,
      needed: listed(
        who.map((role) => said('problem.role-one', { role })),
        'or',
      ),
    }),
  );
}
