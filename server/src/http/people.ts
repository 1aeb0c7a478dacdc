import { said, type Said } from '@cricket/core/said';
import { PersonEntry } from '@cricket/contract';
import type { Person } from '@cricket/contract/shapes';
import { Hono } from 'hono';
import { IsNull, Not, type DataSource } from 'typeorm';

import { PersonEntity } from '../data/entities/person';
import { journalled } from '../data/journal';
import { nameKey } from '../people/name-key';
import { hashSecret } from '../people/secrets';
import type { Sessions } from '../people/sessions';
import { ProblemError } from '../problem/problem';
import { signedOf } from './guard';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { uuidParam, writeContext } from './write-context';

/** The people of the shop. */
export function people(dataSource: DataSource, sessions: Sessions): Hono {
  const app = new Hono();

  app.get('/', async (c) => c.json(await everybody(dataSource)));

  app.put('/:personId', async (c) => {
    const id = uuidParam(c, 'personId');
    const body = await readPlain(c, PersonEntry);
    const [passwordHash, pinHash] = [
      body.password === undefined ? undefined : await hashSecret(body.password),
      body.pin === undefined ? undefined : await hashSecret(body.pin),
    ];
    const subject = { bikeId: null, action: 'person-changed', subject: 'person', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      // One at a time: two owners who each demote the other must not leave the shop without one.
      await manager.query('SELECT pg_advisory_xact_lock(4622)');
      const stored = await manager.findOneBy(PersonEntity, { id });
      const before = stored && personShape(stored);
      holdVersion(before, { version: body.version, ...entered(body) }, 'person');
      if (await manager.existsBy(PersonEntity, { nameKey: nameKey(body.name), id: Not(id) })) {
        throw refused('name', said('problem.name-taken', { name: body.name.trim() }));
      }
      const otherOwner = await manager.existsBy(PersonEntity, { role: 'owner', active: true, id: Not(id) });
      const able = { role: 'owner' as const, active: true, passwordHash: Not(IsNull()) };
      const others = await manager.countBy(PersonEntity, { ...able, id: Not(id) });
      const couldBefore = others > 0 || (await manager.existsBy(PersonEntity, { ...able, id }));
      const hasPassword = (passwordHash ?? stored?.passwordHash ?? null) !== null;
      const staysOwner = body.role === 'owner' && body.active;
      const canAfter = others > 0 || (staysOwner && hasPassword);
      if ((!otherOwner && !staysOwner) || (couldBefore && !canAfter)) {
        throw refused('role', said('problem.needs-owner'));
      }
      const person = manager.create(PersonEntity, {
        id,
        ...entered(body),
        nameKey: nameKey(body.name),
        passwordHash: passwordHash ?? stored?.passwordHash ?? null,
        pinHash: pinHash ?? stored?.pinHash ?? null,
        language: stored?.language ?? signedOf(c)?.person.language ?? 'en',
        version: body.version + 1,
      });
      await manager.save(person);
      return { before, after: personShape(person) };
    });
    if (!body.active || body.password !== undefined || body.pin !== undefined) await sessions.endAll(id);
    return c.json(await everybody(dataSource));
  });

  return app;
}

/** Everybody, without secrets. */
async function everybody(dataSource: DataSource): Promise<Person[]> {
  return (await dataSource.manager.find(PersonEntity, { order: { nameKey: 'ASC' } })).map(personShape);
}

function personShape({ id, name, role, active, pinHash, version }: PersonEntity): Person {
  return { id, name, role, active, hasPin: pinHash !== null, version };
}

function entered({ name, role, active }: PersonEntry) {
  return { name: name.trim(), role, active };
}

function refused(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.fields'), [{ path, messages: [message] }]);
}
