import { randomUUID } from 'node:crypto';

import { PersonEntity } from '../src/data/entities/person';
import { SessionEntity } from '../src/data/entities/session';
import { freshServer, type Answer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeEach(async () => {
  server = await freshServer();
});
afterEach(() => server.close());

const stranger = { cookie: '' };
const password = 'a long enough one';

/** The session's cookie that an answer sets. */
const cookieOf = ({ headers }: Answer) => /cricket_session=[^;]*/.exec(headers.get('set-cookie') ?? '')?.[0] ?? '';

async function newPerson(name: string, role = 'installer', secrets: object = { password, pin: '2580' }) {
  const id = randomUUID();
  const answer = await server.send('PUT', `/api/people/${id}`, { name, role, active: true, version: 0, ...secrets });
  expect(answer.status).toBe(200);
  return id;
}

const signIn = (name: string, secret: string) =>
  server.send('POST', '/api/session', { name, password: secret }, stranger);

describe('signing in', () => {
  it('takes name and password, gives a cookie that scripts and other pages cannot use', async () => {
    await newPerson('Odo');
    const answer = await signIn(' odo ', password);
    expect(answer.json.person).toMatchObject({ name: 'Odo', role: 'installer' });
    expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly.*SameSite=Strict/i);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie: cookieOf(answer) })).status).toBe(200);
    const kept = await server.dataSource.manager.find(SessionEntity);
    expect(kept.map(({ tokenDigest }) => tokenDigest)).not.toContain(cookieOf(answer).split('=')[1]);
  });

  it('says the same of an unknown name and a wrong password', async () => {
    await newPerson('Odo');
    const [wrong, unknown] = [await signIn('Odo', 'not this one'), await signIn('Nobody', 'not this one')];
    expect(wrong.status).toBe(401);
    expect(unknown.json).toEqual(wrong.json);
  });

  it('shuts after five wrong ones, also for the right one, and says for how long', async () => {
    await newPerson('Odo');
    for (let tries = 0; tries < 5; tries++) expect((await signIn('Odo', 'wrong')).status).toBe(401);
    const shut = await signIn('Odo', password);
    expect(shut.status).toBe(429);
    expect(shut.json.title).toMatch(/wait 15 minutes/);
    expect(Number(shut.headers.get('retry-after'))).toBeGreaterThan(600);
  });

  it('forgets wrong ones after a right one', async () => {
    await newPerson('Odo');
    for (let round = 0; round < 3; round++) {
      for (let tries = 0; tries < 3; tries++) await signIn('Odo', 'wrong');
      expect((await signIn('Odo', password)).status).toBe(200);
    }
  });

  it('makes the first person of an empty shop its owner, and only the first', async () => {
    await server.dataSource.query('TRUNCATE session, person CASCADE');
    expect((await server.send('GET', '/api/session', undefined, stranger)).json).toMatchObject({ empty: true });
    const both = await Promise.all(
      ['Odo', 'Ida'].map((name) => server.send('POST', '/api/session/first-owner', { name, password }, stranger)),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect(await server.dataSource.manager.find(PersonEntity)).toMatchObject([{ role: 'owner' }]);
  });

  it('refuses a short password and a PIN of letters, naming the field', async () => {
    const body = { name: 'Odo', role: 'learner', active: true, version: 0, password: 'short', pin: '12ab' };
    const { status, json } = await server.send('PUT', `/api/people/${randomUUID()}`, body);
    expect(status).toBe(422);
    expect(json.errors.map(({ path }: { path: string }) => path)).toEqual(['password', 'pin']);
    expect(JSON.stringify(json)).toContain('4 to 8 digits');
  });

  it('lets nobody walk in as a demo person outside the demo', async () => {
    expect((await server.send('POST', '/api/session/demo', { role: 'owner' }, stranger)).status).toBe(404);
  });
});

describe('a shared phone', () => {
  it('is handed over by PIN, and takes what the one before had made', async () => {
    const [odo, ida] = [await newPerson('Odo'), await newPerson('Ida', 'learner')];
    const first = cookieOf(await signIn('Odo', password));
    const handed = await server.send('POST', '/api/session/pin', { personId: ida, pin: '2580' }, { cookie: first });
    expect(handed.json.person).toMatchObject({ id: ida, role: 'learner' });
    const now = cookieOf(handed);
    // The token from before is worthless.
    expect((await server.send('GET', '/api/bikes', undefined, { cookie: first })).status).toBe(401);
    const bike = { tag: 'Q-1', name: 'Queued', kind: 'upright' };
    const [own, queued] = [randomUUID(), randomUUID()];
    expect((await server.send('PUT', `/api/bikes/${own}`, bike, { cookie: now })).status).toBe(403);
    const sent = await server.send('PUT', `/api/bikes/${queued}`, bike, { cookie: now, 'x-person': odo });
    expect(sent.status).toBe(201);
    const journal = await server.send('GET', `/api/bikes/${queued}/journal`);
    expect(journal.json).toMatchObject([{ person: 'Odo', personId: odo }]);
  });

  it('writes in nobody’s name who has not proved it there', async () => {
    const odo = await newPerson('Odo');
    await newPerson('Ida');
    const cookie = cookieOf(await signIn('Ida', password));
    const body = { tag: 'Q-1', name: 'Forged', kind: 'upright' };
    for (const stranger of [odo, randomUUID(), 'Odo']) {
      const { status, json } = await server.send('PUT', `/api/bikes/${randomUUID()}`, body, {
        cookie,
        'x-person': stranger,
      });
      expect({ status, code: json.code }).toEqual({ status: 403, code: 'not-allowed' });
    }
  });

  it('counts wrong PINs like wrong passwords, and needs somebody signed in first', async () => {
    const ida = await newPerson('Ida');
    const tryPin = (headers: Record<string, string>) =>
      server.send('POST', '/api/session/pin', { personId: ida, pin: '0000' }, headers);
    expect((await tryPin(stranger)).json.code).toBe('not-signed-in');
    for (let tries = 0; tries < 5; tries++) expect((await tryPin({})).status).toBe(401);
    expect((await tryPin({})).status).toBe(429);
  });
});

describe('leaving', () => {
  it('ends one session, or all of a person', async () => {
    await newPerson('Odo');
    const [stand, desk, home] = [
      cookieOf(await signIn('Odo', password)),
      cookieOf(await signIn('Odo', password)),
      cookieOf(await signIn('Odo', password)),
    ];
    const reads = async (cookie: string) => (await server.send('GET', '/api/bikes', undefined, { cookie })).status;
    await server.send('DELETE', '/api/session', undefined, { cookie: stand });
    expect([await reads(stand), await reads(desk), await reads(home)]).toEqual([401, 200, 200]);
    await server.send('DELETE', '/api/session/everywhere', undefined, { cookie: desk });
    expect([await reads(desk), await reads(home)]).toEqual([401, 401]);
  });

  it('is forced when the owner shuts somebody out, and not when it would leave no owner', async () => {
    const odo = await newPerson('Odo');
    const cookie = cookieOf(await signIn('Odo', password));
    const out = { name: 'Odo', role: 'installer', active: false, version: 1 };
    await server.send('PUT', `/api/people/${odo}`, out);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie })).status).toBe(401);
    expect((await signIn('Odo', password)).status).toBe(401);
    const [{ id, version }] = (await server.send('GET', '/api/people')).json.filter(
      ({ role }: { role: string }) => role === 'owner',
    );
    const demoted = await server.send('PUT', `/api/people/${id}`, {
      name: 'Hand',
      role: 'learner',
      active: true,
      version,
    });
    expect(demoted.json.errors[0].messages[0]).toMatch(/needs one owner/);
  });

  it('ends other sessions when one changes the password, and needs the old one for it', async () => {
    await newPerson('Odo');
    const [here, there] = [cookieOf(await signIn('Odo', password)), cookieOf(await signIn('Odo', password))];
    const change = (old: string) =>
      server.send('PUT', '/api/session/secrets', { password: old, newPassword: 'another long one' }, { cookie: here });
    expect((await change('wrong')).status).toBe(401);
    const changed = await change(password);
    expect(changed.status).toBe(200);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie: there })).status).toBe(401);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie: cookieOf(changed) })).status).toBe(200);
    expect((await signIn('Odo', 'another long one')).status).toBe(200);
  });

  it('is refused in the language that is asked for, field by field', async () => {
    const german = { 'accept-language': 'de' };
    const nobody = { name: 'Nobody', password: 'no' };
    const wrong = await server.send('POST', '/api/session', nobody, { ...stranger, ...german });
    expect(wrong.json.title).toBe('Name und Geheimnis gehören nicht zusammen.');
    const blank = { name: 'Odo', role: 'boss', active: true, version: 0 };
    const refused = await server.send('PUT', `/api/people/${randomUUID()}`, blank, german);
    expect([refused.status, refused.json.title]).toEqual([422, 'Einige Angaben stimmen nicht.']);
    expect(refused.json.errors).toEqual([
      { path: 'role', messages: [expect.stringMatching(/boss.*verlangt ist eines von owner/)] },
    ]);
  });

  it('is spoken to as one has chosen, on every phone and after a change by the owner', async () => {
    const id = await newPerson('Odo');
    const first = await signIn('Odo', password);
    expect(first.json.language).toBe('en');
    const cookie = cookieOf(first);
    const choose = (language: string) => server.send('PUT', '/api/session/language', { language }, { cookie });
    expect((await choose('de')).json.language).toBe('de');
    const refused = await choose('xx');
    expect([refused.status, refused.json.errors[0].path]).toEqual([422, 'language']);
    const changed = { name: 'Odo', role: 'learner', active: true, version: 1 };
    expect((await server.send('PUT', `/api/people/${id}`, changed)).status).toBe(200);
    expect((await signIn('Odo', password)).json.language).toBe('de');
    expect((await server.send('GET', '/api/session', undefined, { cookie: '' })).json).not.toHaveProperty('language');
  });

  it('comes by itself when a session is old or unused', async () => {
    await newPerson('Odo');
    const cookie = cookieOf(await signIn('Odo', password));
    await server.dataSource.query(`UPDATE session SET seen_at = now() - interval '31 days'`);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie })).status).toBe(401);
    await server.dataSource.query(`UPDATE session SET seen_at = now(), created_at = now() - interval '181 days'`);
    expect((await server.send('GET', '/api/bikes', undefined, { cookie })).status).toBe(401);
  });
});
