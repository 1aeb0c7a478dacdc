import { randomUUID } from 'node:crypto';

import { pino } from 'pino';

import { createApp } from '../src/app';
import { readConfig } from '../src/config';
import { createDataSource } from '../src/data/data-source';
import { migrate } from '../src/data/migrate';
import { SessionEntity } from '../src/data/entities/session';
import { storePart } from '../src/data/stock';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

const password = 'a-long-enough-password';
const stranger = { cookie: '' };

async function newPerson(role: 'owner' | 'installer', name: string) {
  const id = randomUUID();
  const entry = { name: `${name} ${id}`, role, active: true, password, pin: '4711', version: 0 };
  expect((await server.send('PUT', `/api/people/${id}`, entry)).status).toBe(200);
  return { id, name: entry.name };
}

/** A phone at which an owner was this morning, and which an installer holds now. */
async function handedOver() {
  const [owner, installer] = [await newPerson('owner', 'Hesper'), await newPerson('installer', 'Wren')];
  const first = await server.send('POST', '/api/session', { name: owner.name, password }, stranger);
  const then = await server.send(
    'POST',
    '/api/session/pin',
    { personId: installer.id.toUpperCase(), pin: '4711' },
    { cookie: cookieOf(first) },
  );
  expect(then.status).toBe(200);
  const cookie = cookieOf(then);
  return { owner, installer, cookie, asOwner: { cookie, 'x-person': owner.id } };
}

function cookieOf({ headers }: { headers: Headers }): string {
  return headers.get('set-cookie')!.split(';')[0]!;
}

async function newBike(headers?: Record<string, string>) {
  const id = randomUUID();
  const { status } = await server.send(
    'PUT',
    `/api/bikes/${id}`,
    { tag: 'R-1', name: 'Right', kind: 'upright' },
    headers,
  );
  return { id, status };
}

describe('who was at this phone before', () => {
  it('lends neither the say over people and judgement, nor words that somebody answers for', async () => {
    const { asOwner } = await handedOver();
    const bike = (await newBike()).id;
    const settings = (await server.send('GET', '/api/shop/settings')).json;
    const event = (data: object, kind = 'step') => ({
      kind,
      place: 'rear-axle',
      data,
      at: new Date().toISOString(),
    });
    const readingId = randomUUID();
    const reading = {
      place: 'rear-axle',
      feature: 'condition',
      word: 'sound',
      instrument: 'eye',
      takenAt: new Date().toISOString(),
    };
    expect((await server.send('PUT', `/api/bikes/${bike}/readings/${readingId}`, reading, asOwner)).status).toBe(201);
    const writes: [string, object][] = [
      [`/api/people/${randomUUID()}`, { name: 'More', role: 'owner', active: true, version: 0 }],
      ['/api/shop/settings', settings],
      ['/api/session/secrets', { password, pin: '1234' }],
      [`/api/bikes/${bike}/events/${randomUUID()}`, event({ stepId: 'seated.rear', how: 'confirmed' })],
      [
        `/api/bikes/${bike}/events/${randomUUID()}`,
        event({ stepId: 'seated.rear', how: 'stood-in', because: 'seen by me on the stand' }),
      ],
      [
        `/api/bikes/${bike}/events/${randomUUID()}`,
        event({ wheelId: randomUUID(), findingId: 'law-power', because: 'so' }, 'override'),
      ],
      [`/api/bikes/${bike}/readings/${readingId}/withdrawal`, {}],
    ];
    for (const [path, body] of writes) {
      const { status, json } = await server.send('PUT', path, body, asOwner);
      expect({ path, status, code: json.code }).toEqual({ path, status: 403, code: 'not-allowed' });
    }
    expect((await server.send('GET', '/api/shop/settings')).json).toEqual(settings);
  });

  it('still gets what waited written in the own name', async () => {
    const { asOwner } = await handedOver();
    expect((await newBike(asOwner)).status).toBe(201);
  });

  it.each<[string, (phone: Awaited<ReturnType<typeof handedOver>>) => Promise<unknown>]>([
    [
      'half a day has passed',
      async ({ owner }) => {
        const session = server.dataSource.getRepository(SessionEntity);
        for (const row of await session.find()) {
          if (!row.proofs[owner.id]) continue;
          const before = new Date(Date.now() - 12.1 * 3600 * 1000).toISOString();
          await session.update({ tokenDigest: row.tokenDigest }, { proofs: { ...row.proofs, [owner.id]: before } });
        }
      },
    ],
    [
      'the person signs out everywhere',
      async ({ owner }) => {
        const other = await server.send('POST', '/api/session', { name: owner.name, password }, stranger);
        await server.send('DELETE', '/api/session/everywhere', undefined, { cookie: cookieOf(other) });
      },
    ],
    [
      'the secret is changed',
      ({ owner }) =>
        server.send('PUT', `/api/people/${owner.id}`, {
          name: owner.name,
          role: 'owner',
          active: true,
          pin: '8181',
          version: 1,
        }),
    ],
    [
      'the person leaves',
      ({ owner }) =>
        server.send('PUT', `/api/people/${owner.id}`, { name: owner.name, role: 'owner', active: false, version: 1 }),
    ],
  ])('counts no longer once %s', async (_, happens) => {
    const phone = await handedOver();
    await happens(phone);
    expect((await newBike(phone.asOwner)).status).toBe(403);
    // Whoever holds the phone goes on.
    expect((await newBike({ cookie: phone.cookie })).status).toBe(201);
  });
});

describe('tries at the door', () => {
  it('from one address do not lock a name out for another one', async () => {
    const { name } = await newPerson('installer', 'Locked');
    const app = createApp(readConfig({ TRUST_PROXY: '1' }), server.dataSource, pino({ level: 'silent' }));
    const signIn = async (secret: string, address: string) => {
      const headers = { 'content-type': 'application/json', 'x-forwarded-for': address };
      return (
        await app.request('/api/session', { method: 'POST', headers, body: JSON.stringify({ name, password: secret }) })
      ).status;
    };
    for (let tries = 0; tries < 5; tries++) expect(await signIn('not the password', '192.0.2.7')).toBe(401);
    expect(await signIn(password, '192.0.2.7')).toBe(429);
    expect(await signIn(password, '192.0.2.8')).toBe(200);
  });

  it('never leave the shop without an owner who can sign in', async () => {
    const fresh = await freshServer();
    try {
      const first = await fresh.send('PUT', `/api/people/${randomUUID()}`, {
        name: 'A',
        role: 'owner',
        active: true,
        password,
        version: 0,
      });
      const [a] = (first.json as { id: string; name: string }[]).filter(({ name }) => name === 'A');
      const change = { name: 'A', role: 'owner', active: false, version: 1 };
      // "Hand" is an owner, too, and has no password to come in with.
      const { status, json } = await fresh.send('PUT', `/api/people/${a!.id}`, change);
      expect({ status, path: json.errors?.[0]?.path }).toEqual({ status: 422, path: 'role' });
    } finally {
      await fresh.close();
    }
  });
});

describe('the name under which the shop is asked', () => {
  it.each([
    ['127.0.0.1:4620', 200],
    ['localhost', 200],
    ['[::1]:4620', 200],
    ['shop.example:4620', 421],
    ['127.0.0.1.shop.example', 421],
    ['', 421],
  ])('%s gets %d', async (host, status) => {
    expect((await server.app.request('/api/shop', { headers: { host } })).status).toBe(status);
  });

  it('may be one that the owner has set', async () => {
    const app = createApp(
      readConfig({ PUBLIC_HOST: 'Bench.example, desk.example' }),
      server.dataSource,
      pino({ level: 'silent' }),
    );
    expect((await app.request('/api/shop', { headers: { host: 'bench.example:8080' } })).status).toBe(200);
    expect((await app.request('/api/shop', { headers: { host: 'other.example' } })).status).toBe(421);
  });
});

describe('a write that comes twice', () => {
  it('is one write with the same body, and refused with another or for another thing', async () => {
    const bike = (await newBike()).id;
    const note = (words: string) => ({
      kind: 'note',
      place: 'rear-axle',
      data: { words },
      at: '2026-03-02T09:00:00.000Z',
    });
    const [id, other, writeId] = [randomUUID(), randomUUID(), randomUUID()];
    const send = (eventId: string, words: string) =>
      server.send('PUT', `/api/bikes/${bike}/events/${eventId}`, note(words), { 'x-write-id': writeId });
    expect((await send(id, 'once')).status).toBe(201);
    expect((await send(id, 'once')).status).toBe(201);
    expect((await send(id, 'twice')).json).toMatchObject({ status: 409, code: 'id-taken' });
    expect((await send(other, 'once')).json).toMatchObject({ status: 409, code: 'id-taken' });
    expect((await server.send('GET', `/api/bikes/${bike}`)).json.events).toHaveLength(1);
  });

  it('under one new id at once leaves one, and never two that were taken', async () => {
    const bike = (await newBike()).id;
    const id = randomUUID();
    const line = {
      place: 'rear-axle',
      what: 'Kit',
      count: 1,
      reason: 'so',
      costEach: 1,
      leadDays: 1,
      state: 'wanted',
      version: 0,
    };
    const answers = await Promise.all(
      [1, 2, 3, 4].map((count) =>
        server.send('PUT', `/api/bikes/${bike}/orders/${count % 2 ? id : id.toUpperCase()}`, { ...line, count }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409]);
  });
});

describe('a line of the stores taken out while it is counted', () => {
  it('keeps the count that was acknowledged', async () => {
    const line = { kind: 'plain', spec: { thicknessMm: 2, boreMm: 12.3, outerMm: 22 }, count: 1 };
    for (let round = 0; round < 8; round++) {
      const id = randomUUID();
      await server.send('PUT', `/api/stores/${id}`, { ...line, version: 0 });
      const [counted, out] = await Promise.all([
        server.send('PUT', `/api/stores/${id}`, { ...line, count: 7, version: 1 }),
        server.send('PUT', `/api/stores/${id}/withdrawal`, {}),
      ]);
      expect(out.status).toBe(200);
      const row = (await storePart(server.dataSource, id))!;
      expect(row.count).toBe(counted.status === 200 ? 7 : 1);
    }
  });
});

describe('much at once', () => {
  it('takes a job with 5,000 readings', async () => {
    const bike = (await newBike()).id;
    const { json: file } = await server.send('GET', `/api/jobs/${bike}`);
    const id = randomUUID();
    const reading = {
      place: 'rear-axle',
      valueMm: null,
      parts: null,
      told: null,
      typed: null,
      unit: null,
      instrument: 'eye',
      person: 'Hand',
      personId: null,
      withdrawnAt: null,
      withdrawnBecause: null,
    };
    const readings = Array.from({ length: 5000 }, () => ({
      ...reading,
      id: randomUUID(),
      bikeId: id,
      feature: 'condition',
      word: 'sound',
      takenAt: '2026-03-02T09:00:00.000Z',
    }));
    const record = { ...file.record, bike: { ...file.record.bike, id }, readings };
    const { status } = await server.send('PUT', `/api/jobs/${randomUUID()}`, { ...file, record });
    expect(status).toBe(201);
    expect((await server.send('GET', `/api/bikes/${id}`)).json.readings).toHaveLength(5000);
  });
});

describe('several servers that start at once', () => {
  it('bring an empty database up to date together', async () => {
    const empty = `empty_${randomUUID().replaceAll('-', '')}`;
    await server.dataSource.query(`CREATE DATABASE ${empty}`);
    const url = server.databaseUrl.replace(/[^/]*$/, empty);
    const sources = [1, 2, 3].map(() => createDataSource(url));
    try {
      await Promise.all(sources.map((source) => source.initialize().then(() => migrate(source))));
      for (const source of sources) expect(await source.showMigrations()).toBe(false);
    } finally {
      await Promise.all(sources.map((source) => source.destroy()));
      await server.dataSource.query(`DROP DATABASE ${empty}`);
    }
  });
});

describe('a body that a stranger sends', () => {
  it('is not read', async () => {
    let pulled = 0;
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        pulled += 1;
        if (pulled > 100) controller.close();
        else controller.enqueue(new Uint8Array(1024 * 1024));
      },
    });
    const request = new Request(`http://localhost/api/jobs/${randomUUID()}`, {
      method: 'PUT',
      body,
      duplex: 'half',
    } as never);
    expect((await server.app.request(request)).status).toBe(401);
    expect(pulled).toBeLessThan(3);
  });
});
