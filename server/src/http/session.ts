import { randomUUID } from 'node:crypto';

import { DemoRole, FirstOwner, OwnLanguage, OwnSecrets, PinSwitch, SignIn } from '@cricket/contract';
import type { SessionInfo } from '@cricket/contract/shapes';
import { said } from '@cricket/core/said';
import { getConnInfo } from '@hono/node-server/conninfo';
import { Hono, type Context } from 'hono';
import { deleteCookie, setCookie } from 'hono/cookie';
import type { DataSource } from 'typeorm';

import type { Config } from '../config';
import { PersonEntity } from '../data/entities/person';
import { demoPersonId } from '../demo/people';
import { Attempts } from '../people/attempts';
import { nameKey } from '../people/name-key';
import { fitsSecret, hashSecret } from '../people/secrets';
import { cookieSeconds, type Sessions } from '../people/sessions';
import { makerIn, sessionCookie, signedOf } from './guard';
import { ProblemError } from '../problem/problem';
import { languageAsked } from '../speech/asked';
import { readPlain } from './read-plain';

/** Signing in, handing the phone over, signing out. */
export function session(dataSource: DataSource, sessions: Sessions, config: Config): Hono {
  const app = new Hono();
  const attempts = new Attempts(dataSource);
  const { manager } = dataSource;
  const cookie = sessionCookie(config);

  const answer = async (c: Context, person: PersonEntity | null) => {
    const info: SessionInfo = {
      person: person && { id: person.id, name: person.name, role: person.role },
      ...(person && { language: person.language }),
      empty: !person && (await manager.count(PersonEntity)) === 0,
      demo: config.demo,
    };
    return c.json(info);
  };
  const begin = async (c: Context, person: PersonEntity) => {
    setCookie(c, cookie, await sessions.start(person.id, signedOf(c)), {
      httpOnly: true,
      sameSite: 'Strict',
      secure: config.secureCookies,
      path: '/',
      maxAge: cookieSeconds,
    });
    return answer(c, person);
  };

  app.get('/', (c) => answer(c, signedOf(c)?.person ?? null));

  app.post('/', async (c) => {
    const { name, password } = await readPlain(c, SignIn);
    const address = addressOf(c, config);
    // By name and address: a stranger who tries a name must not lock it out for the one it belongs to.
    const person = await attempts.guard(`${nameKey(name)} ${address}`, address, async () => {
      const found = await manager.findOneBy(PersonEntity, { nameKey: nameKey(name), active: true });
      return (await fitsSecret(found?.passwordHash, password)) ? found : null;
    });
    return begin(c, person);
  });

  app.post('/pin', async (c) => {
    const { personId: named, pin } = await readPlain(c, PinSwitch);
    // Tries are counted for the person, however the id is spelt.
    const personId = named.toLowerCase();
    const person = await attempts.guard(personId, addressOf(c, config), async () => {
      const found = await manager.findOneBy(PersonEntity, { id: personId, active: true });
      return (await fitsSecret(found?.pinHash, pin)) ? found : null;
    });
    return begin(c, person);
  });

  app.post('/demo', async (c) => {
    if (!config.demo) throw new ProblemError(404, 'not-found', said('problem.no-demo'));
    const { role } = await readPlain(c, DemoRole);
    return begin(c, await manager.findOneByOrFail(PersonEntity, { id: demoPersonId(role) }));
  });

  app.post('/first-owner', async (c) => {
    const { name, password } = await readPlain(c, FirstOwner);
    const passwordHash = await hashSecret(password);
    const owner = await dataSource.transaction(async (transaction) => {
      // Of two who come at once, one becomes the owner and the other is told.
      await transaction.query('SELECT pg_advisory_xact_lock(4622)');
      if ((await transaction.count(PersonEntity)) > 0) {
        throw new ProblemError(409, 'id-taken', said('problem.has-owner'));
      }
      return transaction.save(
        transaction.create(PersonEntity, {
          id: randomUUID(),
          name: name.trim(),
          nameKey: nameKey(name),
          role: 'owner',
          active: true,
          passwordHash,
          pinHash: null,
          language: languageAsked(c),
          version: 1,
        }),
      );
    });
    return begin(c, owner);
  });

  app.put('/secrets', async (c) => {
    const body = await readPlain(c, OwnSecrets);
    const { id } = makerIn(c);
    const person = await attempts.guard(id, addressOf(c, config), async () => {
      const found = await manager.findOneBy(PersonEntity, { id, active: true });
      return (await fitsSecret(found?.passwordHash, body.password)) ? found : null;
    });
    if (body.newPassword) person.passwordHash = await hashSecret(body.newPassword);
    if (body.pin) person.pinHash = await hashSecret(body.pin);
    person.version += 1;
    await manager.save(person);
    // A changed secret ends what an old one may have opened elsewhere.
    await sessions.endAll(id);
    return begin(c, person);
  });

  app.put('/language', async (c) => {
    const { language } = await readPlain(c, OwnLanguage);
    const { id } = makerIn(c);
    // Not a new version: nobody's changes of this person are in its way.
    await manager.update(PersonEntity, { id }, { language });
    return answer(c, await manager.findOneByOrFail(PersonEntity, { id }));
  });

  app.delete('/', async (c) => {
    const signed = signedOf(c);
    if (signed) await sessions.end(signed);
    deleteCookie(c, cookie, { path: '/' });
    return answer(c, null);
  });

  app.delete('/everywhere', async (c) => {
    await sessions.endAll(makerIn(c).id);
    deleteCookie(c, cookie, { path: '/' });
    return answer(c, null);
  });

  return app;
}

/** Where a request comes from; behind a proxy of one's own, what that says. */
function addressOf(c: Context, { trustProxy }: Config): string {
  const told = trustProxy ? c.req.header('x-forwarded-for')?.split(',').pop()?.trim() : undefined;
  if (told) return told;
  try {
    return getConnInfo(c).remote.address ?? 'unknown';
  } catch {
    // Without a socket, as in a test that calls the app directly.
    return 'none';
  }
}
