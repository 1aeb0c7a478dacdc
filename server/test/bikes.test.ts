import { randomUUID } from 'node:crypto';
import { gunzipSync } from 'node:zlib';

import { journalAtOnce } from '@cricket/contract/routes';

import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

const boxBike = { tag: 'MQ-90', name: 'Box bike', kind: 'box-bike' };

async function bringIn() {
  const id = randomUUID();
  await server.send('PUT', `/api/bikes/${id}`, boxBike);
  return id;
}

const reading = (more: object = {}) => ({
  place: 'front-axle',
  feature: 'slot-width.left.seat',
  valueMm: 9.58,
  typed: '9.58',
  unit: 'mm',
  instrument: 'calipers',
  takenAt: '2026-03-02T09:00:00.000Z',
  ...more,
});

describe('bikes', () => {
  it('brings a bike in and says what to do next', async () => {
    const id = randomUUID();
    const put = await server.send('PUT', `/api/bikes/${id}`, boxBike);
    expect(put.status).toBe(201);
    expect(put.json.bike).toMatchObject({ ...boxBike, id, version: 1, riderInitials: null });
    const list = await server.send('GET', '/api/bikes');
    const row = list.json.find((item: { bike: { id: string } }) => item.bike.id === id);
    expect(row.next).toMatchObject({
      kind: 'take-in',
      end: 'front',
      open: expect.arrayContaining([{ said: 'take-in-open.riderKg' }]),
    });
  });

  it('does one write once, however often it is sent', async () => {
    const id = randomUUID();
    const writeId = randomUUID();
    const answers = await Promise.all(
      [1, 2, 3, 4].map(() => server.send('PUT', `/api/bikes/${id}`, boxBike, { 'x-write-id': writeId })),
    );
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201, 201]);
    const journal = await server.send('GET', `/api/bikes/${id}/journal`);
    expect(journal.json).toHaveLength(1);
  });

  it('refuses a second bike under the same id, and a write id that served another write', async () => {
    const id = await bringIn();
    expect(await server.send('PUT', `/api/bikes/${id}`, boxBike)).toMatchObject({
      status: 409,
      json: { code: 'id-taken' },
    });
    const writeId = randomUUID();
    await server.send('PUT', `/api/bikes/${randomUUID()}`, boxBike, { 'x-write-id': writeId });
    const other = await server.send('PUT', `/api/bikes/${randomUUID()}`, boxBike, { 'x-write-id': writeId });
    expect(other).toMatchObject({ status: 409, json: { code: 'id-taken' } });
  });

  it('answers a stale change with both versions and keeps what is stored', async () => {
    const id = await bringIn();
    await server.send('PATCH', `/api/bikes/${id}`, { ...boxBike, name: 'Bakery bike', version: 1 });
    const stale = await server.send('PATCH', `/api/bikes/${id}`, { ...boxBike, name: 'Bread bike', version: 1 });
    expect(stale).toMatchObject({
      status: 409,
      json: {
        code: 'version-conflict',
        current: { name: 'Bakery bike', version: 2 },
        yours: { name: 'Bread bike', version: 1 },
      },
    });
    expect((await server.send('GET', `/api/bikes/${id}`)).json.bike.name).toBe('Bakery bike');
  });

  it('takes no reading for a bike that was taken out', async () => {
    const id = await bringIn();
    await server.send('PUT', `/api/bikes/${id}/withdrawal`, {});
    const late = await server.send('PUT', `/api/bikes/${id}/readings/${randomUUID()}`, reading());
    expect(late).toMatchObject({ status: 410, json: { code: 'withdrawn' } });
    const list = await server.send('GET', '/api/bikes');
    expect(list.json.some((item: { bike: { id: string } }) => item.bike.id === id)).toBe(false);
  });
});

describe('a bike that was taken out', () => {
  it('is found by who searches, takes no entry, and comes back with everything', async () => {
    const id = randomUUID();
    await server.send('PUT', `/api/bikes/${id}`, { tag: 'BACK-1', name: 'Rag-and-bone trike', kind: 'trike' });
    await server.send('PUT', `/api/bikes/${id}/readings/${randomUUID()}`, reading());
    await server.send('PUT', `/api/bikes/${id}/withdrawal`, {});
    const tags = async (query: string) =>
      (await server.send('GET', `/api/bikes${query}`)).json.map((row: { bike: { tag: string } }) => row.bike.tag);
    expect(await tags('')).not.toContain('BACK-1');
    expect(await tags('?search=rag-and')).toEqual(['BACK-1']);
    expect((await server.send('PUT', `/api/bikes/${id}/readings/${randomUUID()}`, reading())).status).toBe(410);
    for (let times = 0; times < 2; times++) {
      const back = await server.send('PUT', `/api/bikes/${id}/return`, {});
      expect(back).toMatchObject({ status: 200, json: { bike: { withdrawnAt: null, version: 3 } } });
      expect(back.json.readings).toHaveLength(1);
    }
    expect(await tags('')).toContain('BACK-1');
    expect((await server.send('PUT', `/api/bikes/${id}/readings/${randomUUID()}`, reading())).status).toBe(201);
    expect((await server.send('PUT', `/api/bikes/${randomUUID()}/return`, {})).status).toBe(404);
  });
});

describe('the journal of a bike', () => {
  it('goes out a page at a time, and no row is missed or told twice where many are of one moment', async () => {
    const bike = await bringIn();
    const many = 2 * journalAtOnce + 57;
    await server.dataSource.query(
      `INSERT INTO journal (id, at, bike_id, action, subject, subject_id, person_name)
       SELECT gen_random_uuid(), now() - interval '1 hour' + (n / 150) * interval '1 second', '${bike}', 'event', 'event',
         gen_random_uuid(), 'Hand' FROM generate_series(1, ${many}) AS n`,
    );
    const path = `/api/bikes/${bike}/journal`;
    const pages: { id: string; at: string }[][] = [];
    for (let asked = path; ;) {
      const page = (await server.send('GET', asked)).json as { id: string; at: string }[];
      pages.unshift(page);
      if (page.length < journalAtOnce) break;
      asked = `${path}?before=${encodeURIComponent(`${page[0]!.at},${page[0]!.id}`)}`;
    }
    expect(pages.map(({ length }) => length)).toEqual([58, journalAtOnce, journalAtOnce]);
    const rows = pages.flat();
    expect(new Set(rows.map(({ id }) => id)).size).toBe(many + 1);
    const inOrder = [...rows].sort((one, other) => (`${one.at} ${one.id}` < `${other.at} ${other.id}` ? -1 : 1));
    expect(rows).toEqual(inOrder);
  });

  it('names what is no place in it', async () => {
    const { status, json } = await server.send('GET', `/api/bikes/${await bringIn()}/journal?before=yesterday`);
    expect([status, json.errors[0].path]).toEqual([422, 'before']);
  });
});

describe('readings', () => {
  it('keeps readings as typed, and withdraws without deleting', async () => {
    const bike = await bringIn();
    const id = randomUUID();
    const put = await server.send(
      'PUT',
      `/api/bikes/${bike}/readings/${id}`,
      reading({ typed: '0.377', unit: 'inch' }),
    );
    expect(put).toMatchObject({ status: 201, json: { valueMm: 9.58, typed: '0.377', unit: 'inch', person: 'Hand' } });
    await server.send('PUT', `/api/bikes/${bike}/readings/${id}/withdrawal`, { because: 'jaws on the lip' });
    const { json } = await server.send('GET', `/api/bikes/${bike}`);
    expect(json.readings).toHaveLength(1);
    expect(json.readings[0]).toMatchObject({ valueMm: 9.58, withdrawnBecause: 'jaws on the lip' });
    const journal = await server.send('GET', `/api/bikes/${bike}/journal`);
    expect(journal.json.map((row: { action: string }) => row.action)).toEqual([
      'bike-in',
      'reading',
      'reading-withdrawn',
    ]);
  });

  it.each([
    ['zero', { valueMm: 0 }, 'from 6 to 20 mm'],
    ['negative', { valueMm: -9.58 }, 'from 6 to 20 mm'],
    ['absurd', { valueMm: 9999 }, 'from 6 to 20 mm'],
    ['a text', { valueMm: '9.58' }, 'number'],
    ['nothing', { valueMm: null }, 'exactly one of'],
    ['an unknown feature', { feature: 'slot-colour' }, 'something that is read at front-axle'],
    ['an unknown word', { feature: 'material', valueMm: null, word: 'bamboo' }, 'one of steel'],
    ['a word for a length', { valueMm: null, word: 'wide' }, 'valueMm is null'],
    ['an unknown field', { colour: 'green' }, 'colour'],
    ['a place that there is not', { place: 'saddle' }, 'one of front-axle'],
    ['a length of the handlebar that nobody knows', { place: 'bar' }, 'read at bar'],
    [
      'an answer that take-in does not ask',
      { place: 'bike', feature: 'colour', valueMm: null, told: { is: 1 } },
      'asks',
    ],
    ['an answer out of range', { place: 'bike', feature: 'riderKg', valueMm: null, told: { is: 900 } }, '20 to 250 kg'],
    [
      'an unknown part',
      { feature: 'washers-found.left', valueMm: null, parts: [{ kind: 'gasket', thicknessMm: 1 }] },
      'kind',
    ],
  ])('refuses %s, naming the field', async (_, more, words) => {
    const bike = await bringIn();
    const answer = await server.send('PUT', `/api/bikes/${bike}/readings/${randomUUID()}`, reading(more));
    expect(answer.status).toBe(422);
    expect(answer.headers.get('content-type')).toBe('application/problem+json');
    expect(JSON.stringify(answer.json.errors)).toContain(words);
    expect((await server.send('GET', `/api/bikes/${bike}`)).json.readings).toEqual([]);
  });
});

describe('requests that do not hold', () => {
  it('answers malformed JSON, a list, an oversized body, a missing write id and a foreign page', async () => {
    const path = `/api/bikes/${randomUUID()}`;
    expect(await server.send('PUT', path, '{"tag": ')).toMatchObject({ status: 400, json: { code: 'malformed-json' } });
    expect(await server.send('PUT', path, '[]')).toMatchObject({ status: 422 });
    const big = await server.send('PUT', path, { ...boxBike, name: 'x'.repeat(2_000_000) });
    expect(big).toMatchObject({ status: 413, json: { code: 'body-too-large' } });
    expect(await server.send('PUT', path, boxBike, { 'x-write-id': 'seven' })).toMatchObject({ status: 400 });
    const foreign = await server.send('PUT', path, boxBike, {
      origin: 'https://elsewhere.example',
      host: '127.0.0.1:4620',
    });
    expect(foreign).toMatchObject({ status: 403, json: { code: 'origin-refused' } });
    expect(await server.send('GET', path)).toMatchObject({ status: 404, json: { code: 'not-found' } });
    expect(await server.send('GET', '/api/nothing')).toMatchObject({ status: 404, json: { code: 'not-found' } });
    expect(await server.send('PUT', '/api/bikes/seven', boxBike)).toMatchObject({ status: 404 });
  });

  it('never lets the inside out', async () => {
    const { json, status } = await server.send('PUT', `/api/bikes/${randomUUID()}`, {
      ...boxBike,
      tag: 'null\u0000byte',
    });
    expect(status).toBeGreaterThanOrEqual(400);
    expect(JSON.stringify(json)).not.toMatch(/at .*\.ts|node_modules|SELECT|INSERT/);
  });

  it('packs what it answers for whoever can unpack it', async () => {
    const cookie = await server.signedIn('learner');
    const ask = (headers: Record<string, string>) =>
      server.app.request('/api/shop/settings', { headers: { cookie, ...headers } });
    const plain = await (await ask({})).text();
    const packed = await ask({ 'accept-encoding': 'gzip' });
    expect(packed.headers.get('content-encoding')).toBe('gzip');
    expect(packed.headers.get('vary')?.toLowerCase()).toContain('accept-encoding');
    expect(gunzipSync(Buffer.from(await packed.arrayBuffer())).toString()).toBe(plain);
    expect((await ask({})).headers.get('content-encoding')).toBeNull();
  });

  it('sends strict headers and names each request', async () => {
    const { headers } = await server.send('GET', '/api/shop');
    expect(headers.get('content-security-policy')).toContain("script-src 'self'");
    expect(headers.get('content-security-policy')).not.toContain('unsafe');
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-request-id')).toMatch(/[0-9a-f-]{36}/);
  });
});
