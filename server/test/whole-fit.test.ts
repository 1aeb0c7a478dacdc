import { randomUUID } from 'node:crypto';

import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';
import { exampleLawClasses } from '@cricket/core/law';

import { demoStores } from '../src/demo/stores';
import { demoWheels } from '../src/demo/wheels';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

const newBike = async () => {
  const id = randomUUID();
  await server.send('PUT', `/api/bikes/${id}`, { tag: 'MQ-9', name: 'Test bike', kind: 'upright' });
  return id;
};
const facts = {
  bikeKg: 18,
  riderKg: 75,
  loadKg: 8,
  climb: { gradePercent: 5, minutes: 6 },
  law: exampleLawClasses[0],
  brakes: { front: { kind: 'rim' }, rear: { kind: 'rim' } },
};

describe('take-in', () => {
  const tell = (id: string, tellings: object[], takenAt = '2026-03-02T09:00:00.000Z', entry: string = randomUUID()) =>
    server.send('PUT', `/api/bikes/${id}/take-in/${entry}`, {
      tellings: tellings.map((telling) => ({ id: randomUUID(), ...telling })),
      takenAt,
    });
  const all = toldBetween({}, facts as BikeFacts);

  it('keeps what the rider told, answer by answer, and journals it', async () => {
    const id = await newBike();
    const put = await tell(id, all);
    expect(put.status).toBe(200);
    expect(put.json.bike).toMatchObject({ facts, version: 1 });
    expect(put.json.readings).toHaveLength(all.length);
    expect(put.json.readings[0]).toMatchObject({ place: 'bike', person: 'Hand', valueMm: null });
    const journal = await server.send('GET', `/api/bikes/${id}/journal`);
    expect(journal.json.map(({ action }: { action: string }) => action)).toEqual(['bike-in', 'taken-in']);
    expect(journal.json[1].after).toEqual(facts);
  });

  it('adds up what two phones tell, in whatever order they are heard; the later answer to one question holds', async () => {
    const id = await newBike();
    const at = (minute: number) => `2026-03-02T09:0${minute}:00.000Z`;
    await tell(
      id,
      [
        { feature: 'riderKg', is: 82 },
        { feature: 'job.school', is: 'wheel-first' },
      ],
      at(5),
    );
    await tell(
      id,
      [
        { feature: 'riderKg', is: 75 },
        { feature: 'job.folds', is: true },
      ],
      at(2),
    );
    const { json } = await tell(
      id,
      [
        { feature: 'loadKg', is: 8 },
        { feature: 'brakes.rear', is: { kind: 'rim' } },
      ],
      at(3),
    );
    expect(json.bike.facts).toEqual({
      riderKg: 82,
      loadKg: 8,
      brakes: { rear: { kind: 'rim' } },
      job: { school: 'wheel-first', folds: true },
    });
    const forgotten = await tell(id, [{ feature: 'riderKg', is: null }], at(6));
    expect(forgotten.json.bike.facts).not.toHaveProperty('riderKg');
  });

  it('is taken once, however often it is sent', async () => {
    const id = await newBike();
    const body = { tellings: [{ id: randomUUID(), feature: 'riderKg', is: 70 }], takenAt: '2026-03-02T09:00:00.000Z' };
    const path = `/api/bikes/${id}/take-in/${randomUUID()}`;
    const writeId = { 'x-write-id': randomUUID() };
    for (let times = 0; times < 2; times++) expect((await server.send('PUT', path, body, writeId)).status).toBe(200);
    expect((await server.send('GET', `/api/bikes/${id}`)).json.readings).toHaveLength(1);
    expect((await server.send('PUT', path, body)).json.code).toBe('id-taken');
  });

  it.each([
    ['riderKg', 9999, 'riderKg is 9999; it must be a number from 20 to 250 kg'],
    ['climb', { gradePercent: -1, minutes: 5 }, 'climb.gradePercent is -1'],
    ['colour', 'red', 'must be one of bikeKg'],
    ['riderKg', 'heavy', 'riderKg is "heavy"'],
    ['notes', ['x'.repeat(500)], '400 characters'],
    ['job.school', 'mine', 'job.school is "mine"'],
  ])('names field, value and range of a bad %s', async (feature, is, words) => {
    const put = await tell(await newBike(), [{ feature, is }]);
    expect(put.status).toBe(422);
    expect(JSON.stringify(put.json.errors)).toContain(JSON.stringify(words).slice(1, -1));
  });
});

describe('the workshop’s settings', () => {
  it('start with the defaults, keep what is set, and change every fit', async () => {
    const before = await server.send('GET', '/api/shop/settings');
    expect(before.json).toMatchObject({ limits: {}, hourlyRate: 60, version: 0 });
    const settings = { ...before.json, limits: { fileMm: { steel: 0.2 } }, tools: ['Calipers'] };
    const put = await server.send('PUT', '/api/shop/settings', settings);
    expect(put.json).toMatchObject({ limits: { fileMm: { steel: 0.2 } }, tools: ['Calipers'], version: 1 });
    expect((await server.send('PUT', '/api/shop/settings', settings)).status).toBe(409);
  });

  it('keep units, currency and week', async () => {
    const { json } = await server.send('GET', '/api/shop/settings');
    const units = { length: 'inch', torque: 'lbf·ft', speed: 'mph', mass: 'lb', pressure: 'psi' };
    const put = await server.send('PUT', '/api/shop/settings', { ...json, units, currency: 'USD', weekStartsOn: 0 });
    expect(put.status).toBe(200);
    expect((await server.send('GET', '/api/shop/settings')).json).toMatchObject({
      units,
      currency: 'USD',
      weekStartsOn: 0,
    });
  });

  it.each([
    [{ limits: { fileMm: 99 } }, 'limits.fileMm'],
    [{ limits: { unknown: 1 } }, 'limits.unknown'],
    [{ hourlyRate: -5 }, 'hourlyRate'],
    [{ currency: 'XYZ1' }, 'currency'],
    [{ currency: 'eur' }, 'currency'],
    [{ weekStartsOn: 3 }, 'weekStartsOn'],
    [{ units: { length: 'mm', torque: 'kgf', speed: 'km/h', mass: 'kg', pressure: 'bar' } }, 'units.torque'],
    [{ units: { length: 'mm' } }, 'units.torque'],
  ])('refuse %j', async (bad, path) => {
    const { json } = await server.send('GET', '/api/shop/settings');
    const put = await server.send('PUT', '/api/shop/settings', { ...json, ...bad });
    expect(put.status).toBe(422);
    expect(put.json.errors[0].path).toBe(path);
  });
});

describe('imports', () => {
  const stores = demoStores.map(({ version: _, withdrawnAt: __, withBikes: ___, onOrder: ____, ...item }) => ({
    ...item,
    id: randomUUID(),
  }));

  it('take a whole list of stores and give back the same', async () => {
    const put = await server.send('PUT', `/api/stores/imports/${randomUUID()}`, { rows: stores });
    expect(put.status).toBe(200);
    const now = await server.send('GET', '/api/stores');
    const byId = new Map(now.json.map((item: { id: string }) => [item.id, item]));
    for (const row of stores) expect(byId.get(row.id)).toMatchObject(row);
  });

  it('take kits with everything in them, exactly', async () => {
    const rows = demoWheels.map(({ version: _, ...wheel }) => ({ ...wheel, id: randomUUID() }));
    const put = await server.send('PUT', `/api/wheels/imports/${randomUUID()}`, { rows });
    expect(put.status).toBe(200);
    const byId = new Map(put.json.map((item: { id: string }) => [item.id, item]));
    for (const row of rows) expect(byId.get(row.id)).toMatchObject(row);
  });

  it.each([
    ['a row that does not hold', [{ ...stores[0], count: -3, id: randomUUID() }], 'rows.1.count'],
    ['an id twice', [{ ...stores[1], id: stores[0]!.id }], 'rows.1.id'],
    ['an id that is none', [{ ...stores[1], id: 'washer' }], 'rows.1.id'],
    ['a figure of another kind', [{ ...stores[1], id: randomUUID(), spec: { lengthMm: 3 } }], 'rows.1.spec.boreMm'],
    ['a formula for a name', [{ ...stores[1], id: randomUUID(), kind: '=1+1' }], 'rows.1.kind'],
  ])('change nothing at all with %s', async (_, bad, path) => {
    const before = await server.send('GET', '/api/stores');
    const good = { ...stores[0], count: 77 };
    const put = await server.send('PUT', `/api/stores/imports/${randomUUID()}`, { rows: [good, ...bad] });
    expect(put.status).toBe(422);
    expect(put.json.errors[0].path).toBe(path);
    expect((await server.send('GET', '/api/stores')).json).toEqual(before.json);
  });

  it('refuse a list that is too long and a body that is too large', async () => {
    const many = Array.from({ length: 2001 }, () => ({ ...stores[0], id: randomUUID() }));
    const put = await server.send('PUT', `/api/stores/imports/${randomUUID()}`, { rows: many });
    expect(put.status).toBe(422);
    const huge = { rows: [{ ...stores[0], label: 'x'.repeat(5 * 1024 * 1024) }] };
    expect((await server.send('PUT', `/api/stores/imports/${randomUUID()}`, huge)).status).toBe(413);
  });
});

describe('a wheel changed by a form that knows nothing of its kit', () => {
  it('keeps the kit, and a bad kit is refused', async () => {
    const { id: _, version: __, ...wheel } = demoWheels[0]!;
    const id = randomUUID();
    const created = await server.send('PUT', `/api/wheels/${id}`, { ...wheel, version: 0 });
    expect(created.json.kit).toEqual(wheel.kit);
    const { kit: ___, ...formOnly } = wheel;
    const changed = await server.send('PUT', `/api/wheels/${id}`, { ...formOnly, note: 'new', version: 1 });
    expect(changed.json).toMatchObject({ note: 'new', kit: wheel.kit });
    const bad = await server.send('PUT', `/api/wheels/${id}`, {
      ...wheel,
      kit: { ...wheel.kit, cost: -1 },
      version: 2,
    });
    expect(bad.status).toBe(422);
    expect(JSON.stringify(bad.json.errors)).toContain('cost is -1');
  });
});

const wordly = ({ word }: { word: string | null }) => word !== null;

describe('a job as one file', () => {
  let shop: FreshServer;
  beforeAll(async () => {
    shop = await freshServer({ demo: true });
  });
  afterAll(() => shop.close());

  const demoJob = async () => {
    const { json } = await shop.send('GET', '/api/bikes');
    const row = json.find((item: { bike: { tag: string } }) => item.bike.tag === 'MQ-33');
    return (await shop.send('GET', `/api/jobs/${row.bike.id}`)).json;
  };

  /** The same job under other ids, as it would come from another shop. */
  const elsewhere = (job: object): ReturnType<typeof JSON.parse> => {
    const ids = new Map<string, string>();
    const text = JSON.stringify(job).replace(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, (id) => {
      if (!ids.has(id)) ids.set(id, randomUUID());
      return ids.get(id)!;
    });
    return JSON.parse(text);
  };

  it('goes out and in exactly', async () => {
    const job = elsewhere(await demoJob());
    const put = await shop.send('PUT', `/api/jobs/${randomUUID()}`, job);
    expect(put.status).toBe(201);
    const back = (await shop.send('GET', `/api/jobs/${job.record.bike.id}`)).json;
    // Exactly, but for the mark of where its stacks and events come from.
    const { acceptances, events } = job.record;
    for (const row of [...acceptances, ...events]) row.imported = true;
    // Nobody here has the ids of the other shop's people.
    const lists = Object.values(job.record).filter(Array.isArray) as { personId: string | null }[][];
    for (const row of lists.flat()) row.personId = null;
    for (const event of events) event.receivedAt = expect.any(String);
    expect(back).toEqual(job);
    const again = await shop.send('PUT', `/api/jobs/${randomUUID()}`, job);
    expect(again.status).toBe(409);
  });

  it('brings stacks and steps that nobody here vouches for, until the owner answers for them', async () => {
    const { json: rows } = await shop.send('GET', '/api/bikes');
    const finished = rows.find((item: { bike: { tag: string } }) => item.bike.tag === 'MQ-21');
    const job = elsewhere((await shop.send('GET', `/api/jobs/${finished.bike.id}`)).json);
    const id = job.record.bike.id;
    // The same catalogue in both shops.
    const original = (await shop.send('GET', `/api/bikes/${finished.bike.id}`)).json;
    for (const [at, row] of job.record.choices.entries()) row.wheelId = original.choices[at].wheelId;
    for (const [at, row] of job.record.acceptances.entries())
      row.input.wheelId = original.acceptances[at].input.wheelId;
    // The word of the other shop's owner says nothing here.
    const foreign = { kind: 'vouched', place: 'bike', data: { because: 'All of it was done by hands that we know' } };
    const like = job.record.events[0];
    job.record.events.push({ ...like, ...foreign, id: randomUUID() });
    expect((await shop.send('PUT', `/api/jobs/${randomUUID()}`, job)).status).toBe(201);
    const next = async (bikeId: string) =>
      (await shop.send('GET', '/api/bikes')).json.find((row: { bike: { id: string } }) => row.bike.id === bikeId).next
        .kind;
    const known = await next(finished.bike.id);
    expect(await next(id)).not.toBe(known);
    const card = (bikeId: string) => shop.send('GET', `/api/bikes/${bikeId}/stack-card/${finished.end}`);
    expect((await card(id)).status).toBe(404);

    const say = async (because: string, role: 'owner' | 'installer') =>
      shop.send(
        'PUT',
        `/api/bikes/${id}/events/${randomUUID()}`,
        { kind: 'vouched', place: 'bike', data: { because }, at: new Date().toISOString() },
        { cookie: await shop.signedIn(role) },
      );
    const because = 'Our own other shop, the same people and tools';
    expect((await say(because, 'installer')).json.code).toBe('not-allowed');
    expect((await say('fine', 'owner')).json.errors[0].path).toBe('data.because');
    expect((await say(because, 'owner')).status).toBe(201);
    expect(await next(id)).toBe(known);
    expect((await card(id)).status).toBe(200);
  });

  it.each([
    ['another format', (job: ReturnType<typeof elsewhere>) => (job.format = 'other'), 'format'],
    [
      'a line of another bike',
      (job: ReturnType<typeof elsewhere>) => (job.record.readings[0].bikeId = randomUUID()),
      'record.readings.0.bikeId',
    ],
    [
      'an id twice',
      (job: ReturnType<typeof elsewhere>) => (job.record.readings[1].id = job.record.readings[0].id),
      'record.readings.1.id',
    ],
    [
      'an unknown feature',
      (job: ReturnType<typeof elsewhere>) => (job.record.readings[2].feature = 'colour'),
      'record.readings.2.feature',
    ],
    [
      'an absurd reading',
      (job: ReturnType<typeof elsewhere>) => (job.record.readings[3].valueMm = 1e9),
      'record.readings.3.valueMm',
    ],
    [
      'a word that the feature does not know',
      (job: ReturnType<typeof elsewhere>) => Object.assign(job.record.readings.find(wordly), { word: 'cheese' }),
      /^record\.readings\.\d+\.word$/,
    ],
    [
      'a stack without washers',
      (job: ReturnType<typeof elsewhere>) => delete job.record.acceptances[0].result.stack.left,
      'record.acceptances.0.result.stack.left',
    ],
    [
      'nothing of what was signed',
      (job: ReturnType<typeof elsewhere>) => (job.record.acceptances[0].input = {}),
      'record.acceptances.0.input.wheelId',
    ],
    [
      'a plan of another kind',
      (job: ReturnType<typeof elsewhere>) => (job.record.acceptances[0].result.planned.end.packing = 'much'),
      'record.acceptances.0.result.planned.end.packing',
    ],
    ['a cyclic or missing record', (job: ReturnType<typeof elsewhere>) => delete job.record, 'record'],
  ])('with %s is refused as a whole', async (_, spoil, path) => {
    const job = elsewhere(await demoJob());
    spoil(job);
    const put = await shop.send('PUT', `/api/jobs/${randomUUID()}`, job);
    expect(put.status).toBe(422);
    if (typeof path === 'string') expect(put.json.errors[0].path).toBe(path);
    else expect(put.json.errors[0].path).toMatch(path);
    const id = job.record?.bike.id;
    if (id) expect((await shop.send('GET', `/api/bikes/${id}`)).status).toBe(404);
  });
});
