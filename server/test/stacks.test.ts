import { randomUUID } from 'node:crypto';

import { demoWheel } from '../src/demo/wheels';
import { accessRules } from '../src/http/access';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
// oxlint-disable-next-line typescript/no-explicit-any
let list: any[];
beforeAll(async () => {
  server = await freshServer({ demo: true });
  list = (await server.send('GET', '/api/bikes')).json;
});
afterAll(() => server.close());

const byTag = (tag: string) => list.find((row) => row.bike.tag === tag);

describe('the demo shop', () => {
  it.each([
    ['MQ-31', { kind: 'measure', end: 'front', feature: { id: 'slot-width.left.seat' } }],
    ['MQ-28', { kind: 'accept', end: 'rear', fileMm: 0.25, twoArms: true, verdict: 'work' }],
    ['MQ-33', { kind: 'stand', end: 'rear', stepId: 'parcel-look.rear', done: 0 }],
    ['MQ-35', { kind: 'accept', end: 'front', fileMm: 0, verdict: 'work' }],
    ['MQ-34', { kind: 'refused', end: 'front', other: 'rear' }],
    [
      'MQ-29',
      { kind: 'buy', end: 'rear', purchase: expect.arrayContaining([expect.objectContaining({ kind: 'plain' })]) },
    ],
    ['MQ-36', { kind: 'accept', end: 'rear', verdict: 'goes' }],
  ])('has %s in its own state', (tag, next) => {
    expect(byTag(tag).next).toMatchObject(next);
  });
});

describe('accepting a stack', () => {
  const trikeStack = (more: object = {}) => ({
    kind: 'stack',
    place: 'rear-axle',
    wheelId: demoWheel('RW-4').id,
    left: ['plain-2', 'tabbed-2.5'],
    right: ['plain-1.5', 'plain-1', 'tabbed-2.5'],
    rotorShimsMm: [],
    caliperShimsMm: [],
    byHand: true,
    acceptedAt: '2026-03-02T10:00:00.000Z',
    ...more,
  });
  const accept = (body: object, headers?: Record<string, string>, id: string = randomUUID()) =>
    server.send('PUT', `/api/bikes/${byTag('MQ-36').bike.id}/acceptances/${id}`, body, headers);

  it('works the figures out from the stored readings and freezes them', async () => {
    const { status, json } = await accept(trikeStack());
    expect(status).toBe(201);
    // W 125.5 + 4.5 + 5 − 135.05 ; (4.5 − 5)/2
    expect(json.result.stack).toMatchObject({ spreadMm: -0.05, rimOffsetMm: -0.25, washerCount: 5 });
    expect(json.input.wheel.code).toBe('RW-4');
    const after = await server.send('GET', '/api/bikes');
    expect(after.json.find((row: { bike: { tag: string } }) => row.bike.tag === 'MQ-36').next.kind).toBe('stand');
  });

  it('makes one record of a double tap', async () => {
    const id = randomUUID();
    const writeId = { 'x-write-id': randomUUID() };
    const [one, two] = await Promise.all([accept(trikeStack(), writeId, id), accept(trikeStack(), writeId, id)]);
    expect([one.status, two.status]).toEqual([201, 201]);
    const { json } = await server.send('GET', `/api/bikes/${byTag('MQ-36').bike.id}`);
    expect(json.acceptances.filter((stack: { id: string }) => stack.id === id)).toHaveLength(1);
  });

  it('takes what the washers of a side measure together at the stand for what it is', async () => {
    const { status, json } = await accept(trikeStack({ measuredMm: { right: 4.9 } }));
    expect(status).toBe(201);
    // W 125.5 + 4.5 + 4.9 − 135.05 ; (4.5 − 4.9)/2
    expect(json.result.stack).toMatchObject({ spreadMm: -0.15, rimOffsetMm: -0.2, right: { totalMm: 4.9 } });
  });

  it.each([
    [{ right: 5.5 }, 'stack-measured-right', /measure 5.5 mm together; as listed they are 5 mm/],
    [{ left: -1 }, 'measuredMm.left', /0/],
    [{ left: 'thick' }, 'measuredMm.left', /number/],
  ])('refuses %j measured', async (measuredMm, path, message) => {
    const { status, json } = await accept(trikeStack({ measuredMm }));
    expect(status).toBe(422);
    expect(json.errors[0].path).toBe(path);
    expect(json.errors[0].messages.join(' ')).toMatch(message);
  });

  it.each([
    ['without the tabbed washer', { left: ['plain-2', 'plain-2'] }, 'tab-left'],
    ['with the tabbed washer next to the hub', { left: ['tabbed-2.5', 'plain-2'] }, 'tab-left'],
    ['that pinches the frame too far', { left: ['tabbed-2.5'], right: ['plain-2', 'tabbed-2.5'] }, 'pinch'],
    ['with washers that are not there', { left: ['plain-9', 'tabbed-2.5'] }, 'washers'],
    ['with a wheel that is not there', { wheelId: randomUUID() }, 'wheelId'],
    ['at an end that is not measured', { place: 'front-axle' }, 'place'],
    ['where no wheel goes', { place: 'bar' }, 'place'],
  ])('refuses a stack %s', async (_, more, path) => {
    const { status, json } = await accept(trikeStack(more));
    expect(status).toBe(422);
    expect(json.errors[0].path).toBe(path);
  });

  it('refuses any stack at the carbon end', async () => {
    const carbon = byTag('MQ-34').bike.id;
    const body = trikeStack({ place: 'front-axle', wheelId: demoWheel('FW-1').id });
    const { status } = await server.send('PUT', `/api/bikes/${carbon}/acceptances/${randomUUID()}`, body);
    expect(status).toBe(422);
  });
});

describe('stores and wheels', () => {
  it('counts, and shows both versions to the second of two people', async () => {
    const [item] = (await server.send('GET', '/api/stores')).json;
    const { id, withdrawnAt: _, withBikes: __, onOrder: ___, ...line } = item;
    const first = await server.send('PUT', `/api/stores/${id}`, { ...line, count: 3 });
    expect(first.json).toMatchObject({ count: 3, version: 2 });
    const second = await server.send('PUT', `/api/stores/${id}`, { ...line, count: 5 });
    expect(second).toMatchObject({ status: 409, json: { current: { count: 3 }, yours: { count: 5 } } });
  });

  it.each([
    ['count', { count: -1 }],
    ['count', { count: 1.5 }],
    ['spec.thicknessMm', { spec: { boreMm: 12.3, thicknessMm: 0 } }],
    ['kind', { kind: 'gasket' }],
    ['spec.boreMm', { spec: { thicknessMm: 1 } }],
    // A bolt has no thickness, and is asked for none.
    ['spec.thicknessMm', { kind: 'rotor-bolt', spec: { threadMm: 5, lengthMm: 12, thicknessMm: 1 } }],
    ['boreMm', { boreMm: 12.3 }],
  ])('refuses a line with a bad %s', async (path, more) => {
    const spec = { boreMm: 12.3, outerMm: 22, thicknessMm: 1 };
    const line = { kind: 'plain', spec, count: 1, version: 0, ...more };
    const { status, json } = await server.send('PUT', `/api/stores/${randomUUID()}`, line);
    expect(status).toBe(422);
    expect(json.errors.map((error: { path: string }) => error.path)).toContain(path);
  });

  it('takes a wheel from own measurements and refuses flats as wide as the thread', async () => {
    const { id: _id, ...wheel } = demoWheel('FW-1');
    const own = { ...wheel, code: 'OWN-1', version: 0 };
    expect((await server.send('PUT', `/api/wheels/${randomUUID()}`, own)).json).toMatchObject({
      code: 'OWN-1',
      version: 1,
    });
    const round = { ...own, axle: { ...own.axle, flatsMm: 12 } };
    const refused = await server.send('PUT', `/api/wheels/${randomUUID()}`, round);
    expect(refused.json.errors).toEqual([
      { path: 'axle.flatsMm', messages: [expect.stringContaining('smaller than the thread, 12 mm')] },
    ]);
  });

  it('describes the API from the same classes that validate it', async () => {
    const { json } = await server.send('GET', '/api/openapi.json');
    expect(json.components.schemas.NewReading.properties.feature).toMatchObject({ type: 'string', minLength: 1 });
    const described = Object.entries<object>(json.paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method.toUpperCase()} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
    );
    expect(described.sort()).toEqual(accessRules.map(({ method, path }) => `${method} ${path}`).sort());
    // Every body is there, none of them empty, and nothing points anywhere else.
    const { schemas } = json.components;
    for (const { takes } of accessRules) {
      if (takes) expect(Object.keys(schemas[takes.name].properties).length).toBeGreaterThan(0);
    }
    const refs = [...JSON.stringify(json).matchAll(/"#\/components\/schemas\/(\w+)"/g)].map(([, name]) => name!);
    for (const name of refs) expect(schemas).toHaveProperty(name);
    expect(schemas.OrderLineEntry.properties.count).toEqual({ type: 'integer', minimum: 1, maximum: 500 });
    expect(JSON.stringify(schemas.WheelEntry.properties.kit)).toContain(
      '"massKg":{"type":"number","minimum":0.5,"maximum":60}',
    );
  });
});
