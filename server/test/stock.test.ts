import { randomUUID } from 'node:crypto';

import type { StorePart } from '@cricket/contract/shapes';

import { demoWheel, demoWheels } from '../src/demo/wheels';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const trike = '00000003-0000-4000-8000-000000000007';
const stores = async (): Promise<StorePart[]> => (await server.send('GET', '/api/stores')).json;
const bike = async (id: string) => (await server.send('GET', `/api/bikes/${id}`)).json;
const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
const move = (itemId: string, body: object, id: string = randomUUID(), headers = {}) =>
  server.send('PUT', `/api/stores/${itemId}/moves/${id}`, { at: ago(0), ...body }, headers);

const newItem = async (count: number) => {
  const id = randomUUID();
  const line = { kind: 'plain', spec: { boreMm: 12.3, outerMm: 22, thicknessMm: 1.9 }, count, version: 0 };
  expect((await server.send('PUT', `/api/stores/${id}`, line)).json).toMatchObject({ count, version: 1 });
  return id;
};
const onHand = async (id: string) => (await stores()).find((item) => item.id === id)?.count;

const stack = (more: object = {}) => ({
  kind: 'stack',
  place: 'rear-axle',
  wheelId: demoWheel('RW-4').id,
  left: ['plain-2', 'tabbed-2.5'],
  right: ['plain-1.5', 'plain-1', 'tabbed-2.5'],
  rotorShimsMm: [],
  caliperShimsMm: [],
  byHand: true,
  acceptedAt: ago(1),
  ...more,
});
const accept = (bikeId: string, body: object = stack()) =>
  server.send('PUT', `/api/bikes/${bikeId}/acceptances/${randomUUID()}`, body);

describe('a drawer', () => {
  it('holds the last count and what was moved since; what two phones did without network adds up', async () => {
    const id = await newItem(7);
    const [one, two] = await Promise.all([
      move(id, { kind: 'moved', count: -2 }),
      move(id, { kind: 'moved', count: 5 }),
    ]);
    expect([one.status, two.status]).toEqual([201, 201]);
    expect(await onHand(id)).toBe(10);
    await move(id, { kind: 'counted', count: 4 });
    expect(await onHand(id)).toBe(4);
    // Taken before it was counted, heard after it.
    await move(id, { kind: 'moved', count: -3, at: ago(60) });
    expect(await onHand(id)).toBe(4);
    await move(id, { kind: 'moved', count: -9 });
    expect(await onHand(id)).toBe(0);
  });

  it('is moved once by one write, and changed in size without being counted anew', async () => {
    const id = await newItem(3);
    const [moveId, writeId] = [randomUUID(), { 'x-write-id': randomUUID() }];
    const body = { kind: 'moved', count: 1, at: ago(0) };
    for (let times = 0; times < 2; times++) expect((await move(id, body, moveId, writeId)).status).toBe(201);
    expect((await move(id, body, moveId)).json.code).toBe('id-taken');
    const line = { kind: 'plain', spec: { boreMm: 12.4, outerMm: 22, thicknessMm: 1.9 }, version: 1 };
    expect((await server.send('PUT', `/api/stores/${id}`, line)).json).toMatchObject({
      count: 4,
      spec: { boreMm: 12.4 },
    });
  });

  it.each([
    ['count', { kind: 'moved', count: 0.5 }],
    ['count', { kind: 'counted', count: -1 }],
    ['kind', { kind: 'lost', count: 1 }],
    ['at', { kind: 'moved', count: 1, at: 'yesterday' }],
  ])('refuses a bad %s', async (path, body) => {
    const { status, json } = await move(await newItem(1), body);
    expect([status, json.errors[0].path]).toEqual([422, path]);
  });
});

describe('an accepted stack', () => {
  const counts = async () => new Map((await stores()).map(({ id, count }) => [id, count]));

  it('takes its washers out of their drawers, for this bike alone, and gives them back for another one', async () => {
    const before = await counts();
    expect((await accept(trike)).status).toBe(201);
    const { taken } = await bike(trike);
    expect(taken.length).toBeGreaterThan(1);
    const after = await counts();
    for (const { itemId, place, count } of taken) {
      expect(place).toBe('rear-axle');
      expect(after.get(itemId)).toBe(before.get(itemId)! - count);
      expect((await stores()).find(({ id }) => id === itemId)!.withBikes).toBeGreaterThanOrEqual(count);
    }
    // Its own washers count for it as before: the same stack may be taken again, and takes nothing more.
    expect((await accept(trike)).status).toBe(201);
    expect(await counts()).toEqual(after);
    // Another one takes other washers; those before lie in their drawers again: none is lost and none appears.
    expect((await accept(trike, stack({ left: ['tabbed-2.5'], right: ['plain-1.5', 'tabbed-2.5'] }))).status).not.toBe(
      500,
    );
    const now = await bike(trike);
    const sum = (lots: { count: number }[]) => lots.reduce((total, { count }) => total + count, 0);
    const there = [...(await counts()).values()].reduce((total, count) => total + count, 0);
    const were = [...before.values()].reduce((total, count) => total + count, 0);
    expect(there + sum(now.taken)).toBe(were);
  });

  it('of two bikes that want the same last washers at once goes to one', async () => {
    const twin = async () => {
      const file = (await server.send('GET', `/api/jobs/${trike}`)).json;
      file.record.acceptances = [];
      const ids = new Map<string, string>(demoWheels.map(({ id }) => [id, id]));
      const uuids = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
      const text = JSON.stringify(file).replace(uuids, (id) => {
        if (!ids.has(id)) ids.set(id, randomUUID());
        return ids.get(id)!;
      });
      const job = JSON.parse(text);
      expect((await server.send('PUT', `/api/jobs/${randomUUID()}`, job)).status).toBe(201);
      return job.record.bike.id as string;
    };
    const [one, two, three] = [await twin(), await twin(), await twin()];
    expect((await accept(one)).status).toBe(201);
    const lots: { itemId: string; count: number }[] = (await bike(one)).taken;
    // In the drawers lies what one bike needs of each of these, and no more of its kind and thickness.
    const lines = await stores();
    const like = ({ kind, spec }: StorePart) => `${kind} ${spec.thicknessMm}`;
    const needed = new Set(lots.map(({ itemId }) => like(lines.find(({ id }) => id === itemId)!)));
    for (const line of lines.filter((item) => needed.has(like(item)))) {
      const lot = lots.find(({ itemId }) => itemId === line.id);
      await move(line.id, { kind: 'counted', count: lot?.count ?? 0 });
    }
    const answers = await Promise.all([accept(two), accept(three)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422]);
    for (const { itemId } of lots) expect(await onHand(itemId)).toBe(0);
  });
});

describe('what is ordered for a bike', () => {
  const orderId = randomUUID();
  const bolt = { kind: 'rotor-bolt', spec: { lengthMm: 14 } };
  const line = (state: string, version: number, more: object = {}) => ({
    place: 'rear-axle',
    part: bolt,
    what: 'Rotor bolt M5 × 14',
    count: 6,
    reason: 'Too long.',
    costEach: 0.8,
    leadDays: 3,
    state,
    version,
    ...more,
  });
  const order = (body: object, id = orderId) => server.send('PUT', `/api/bikes/${trike}/orders/${id}`, body);
  const bolts = async () => (await stores()).filter(({ kind, spec }) => kind === 'rotor-bolt' && spec.lengthMm === 14);
  const withTrike = async (id: string) =>
    (await bike(trike)).taken.filter(({ itemId }: { itemId: string }) => itemId === id);

  it('is on order in a drawer that the shop need not have had before', async () => {
    expect(await bolts()).toEqual([]);
    expect((await order(line('ordered', 0))).json).toMatchObject({ state: 'ordered', part: bolt });
    const [drawer] = await bolts();
    expect(drawer).toMatchObject({ spec: { threadMm: 5, lengthMm: 14 }, count: 0, onOrder: 6, withBikes: 0 });
  });

  it('comes for that bike, and is promised to no other', async () => {
    await order(line('received', 1));
    const [drawer] = await bolts();
    expect(drawer).toMatchObject({ count: 0, onOrder: 0, withBikes: 6 });
    expect(await withTrike(drawer!.id)).toEqual([{ itemId: drawer!.id, place: 'rear-axle', count: 6 }]);
    // Said once more it does not come twice.
    await order(line('received', 2));
    expect(await withTrike(drawer!.id)).toMatchObject([{ count: 6 }]);
    // Another stack is taken: bolts are no part of it, they stay with the bike.
    await accept(trike, stack());
    expect(await withTrike(drawer!.id)).toMatchObject([{ count: 6 }]);
  });

  it('has not come after all', async () => {
    await order(line('ordered', 3));
    const [drawer] = await bolts();
    expect(drawer).toMatchObject({ count: 0, onOrder: 6, withBikes: 0 });
    expect(await withTrike(drawer!.id)).toEqual([]);
  });

  it('goes into the drawer that has just this part, and into none where it could be several', async () => {
    await newItem(2);
    await order(
      line('ordered', 0, { part: { kind: 'plain', spec: { thicknessMm: 1.9, threadMm: 12 } } }),
      randomUUID(),
    );
    const before = await stores();
    const ordered = before.filter(({ kind, onOrder }) => kind === 'plain' && onOrder > 0);
    expect(ordered).toMatchObject([{ spec: { thicknessMm: 1.9, boreMm: expect.closeTo(12.3, 0) } }]);
    await order(line('ordered', 0, { part: { kind: 'arm', spec: { threadMm: 12 } } }), randomUUID());
    expect(await stores()).toEqual(before);
  });

  it.each([
    ['part.kind', { part: { kind: 'gasket', spec: {} } }],
    ['part.spec.lengthMm', { part: { kind: 'rotor-bolt', spec: { lengthMm: [14] } } }],
  ])('is refused with a bad %s', async (path, more) => {
    const { status, json } = await order(line('ordered', 0, more), randomUUID());
    expect([status, json.errors[0].path]).toEqual([422, path]);
  });
});
