import { randomUUID } from 'node:crypto';

import { features } from '@cricket/core/features';
import { jobEventKinds } from '@cricket/core/job-events';
import { limitTable } from '@cricket/core/limits';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';
import fc from 'fast-check';

import { demoStores } from '../src/demo/stores';
import { demoWheels } from '../src/demo/wheels';
import { accessRules } from '../src/http/access';

/** One request as somebody might send it who means no good, or whose program is broken. */
export interface HostileRequest {
  method: string;
  path: string;
  body: string | undefined;
  writeId: string;
}

const bikes = Array.from({ length: 9 }, (_, index) => `00000003-0000-4000-8000-00000000000${index + 1}`);
const uuid = fc.constantFrom(
  ...bikes,
  ...demoWheels.map(({ id }) => id),
  ...demoStores.slice(0, 6).map(({ id }) => id),
);
const fresh = fc.nat(4000).map((n) => `0000aaaa-0000-4000-8000-${String(n).padStart(12, '0')}`);
const place = fc.constantFrom('front-axle', 'rear-axle');
const at = fc.constantFrom(new Date().toISOString(), '2026-03-02T09:00:00.000Z', '1970-01-01T00:00:00Z', '2026-W10-1');

/** What breaks programs: in any place of any body. */
const odd: fc.Arbitrary<unknown> = fc.constantFrom(
  null,
  [],
  {},
  '',
  '  ',
  'a\0b',
  '\ud800',
  'constructor',
  'toString',
  '__proto__',
  -1,
  0,
  1e308,
  -1e9,
  0.1,
  5e-324,
  true,
  '9'.repeat(300),
  '=1+1',
  "'; DROP TABLE bike; --",
  [[[[]]]],
  { $gt: '' },
  'NaN',
  '2026-02-30T00:00:00Z',
  2 ** 53,
  '𝔘𝔫',
  [null],
);

const reading = fc.constantFrom(...features).chain((feature): fc.Arbitrary<object> => {
  const blank = { place: 'rear-axle', feature: feature.id, instrument: 'eye', takenAt: new Date().toISOString() };
  if (feature.kind === 'length') {
    const mm = fc.double({ min: feature.minMm, max: feature.maxMm, noNaN: true });
    return fc.record({ place, mm }).map(({ place: where, mm: valueMm }) => ({
      ...blank,
      place: where,
      valueMm,
      unit: 'mm',
      typed: String(valueMm),
    }));
  }
  if (feature.kind === 'word') return fc.constantFrom(...feature.words).map((word) => ({ ...blank, word }));
  const part = fc.record({
    kind: fc.constantFrom('plain', 'tabbed', 'spacer'),
    thicknessMm: fc.double({ min: 0.1, max: 40, noNaN: true }),
  });
  return fc.array(part, { maxLength: 4 }).map((parts) => ({ ...blank, parts }));
});

const facts = fc.record(
  {
    bikeKg: fc.double({ min: 5, max: 120, noNaN: true }),
    riderKg: fc.double({ min: 20, max: 250, noNaN: true }),
    loadKg: fc.double({ min: 0, max: 300, noNaN: true }),
    speedKmh: fc.double({ min: 5, max: 60, noNaN: true }),
    climb: fc.record({
      gradePercent: fc.double({ min: 0, max: 40, noNaN: true }),
      minutes: fc.double({ min: 0.1, max: 120, noNaN: true }),
    }),
    descentPercent: fc.double({ min: 0, max: 40, noNaN: true }),
    surface: fc.constantFrom('dry', 'wet', 'gravel', 'loose'),
    budget: fc.double({ min: 0, max: 100_000, noNaN: true }),
    chainringTeeth: fc.integer({ min: 18, max: 70 }),
    smallestTeeth: fc.integer({ min: 9, max: 40 }),
    wheelbaseM: fc.double({ min: 0.5, max: 3, noNaN: true }),
    brakes: fc.constantFrom(
      { front: { kind: 'rotor', rotorMm: 320 }, rear: { kind: 'rim' } },
      { front: { kind: 'drum' } },
    ),
    ratings: fc.constantFrom([], [{ part: 'rack', ratedKg: 0.1, loadKg: 500 }]),
  },
  { requiredKeys: [] },
);

const storeItem = fc.constantFrom(...demoStores).chain((item) =>
  fc
    .record({ thicknessMm: fc.double({ min: 0.05, max: 40, noNaN: true }), count: fc.integer({ min: 0, max: 9999 }) })
    .map(({ thicknessMm, count }) => {
      const { id: _, withdrawnAt: __, withBikes: ___, onOrder: ____, ...rest } = item;
      return { ...rest, spec: { ...item.spec, thicknessMm }, count };
    }),
);

const wheel = fc.constantFrom(...demoWheels).chain((known) =>
  fc
    .record({
      shoulderWidthMm: fc.double({ min: 40, max: 200, noNaN: true }),
      rimOffsetMm: fc.double({ min: -40, max: 40, noNaN: true }),
      nutMm: fc.double({ min: 4, max: 20, noNaN: true }),
    })
    .map((change) => {
      const { id: _, ...rest } = known;
      return { ...rest, ...change, note: '' };
    }),
);

const limits = fc.constantFrom(...Object.entries(limitTable)).chain(([key, row]) => {
  if (row.kind !== 'number') return fc.constant({});
  const figure = row.whole
    ? fc.integer({ min: row.min, max: row.max })
    : fc.double({ min: row.min, max: row.max, noNaN: true });
  return figure.map((value) => ({ [key]: value }));
});

const event = fc.constantFrom(...jobEventKinds).chain((kind) =>
  fc.record({ place, at }).map(({ place: where, at: when }) => {
    const data: Record<string, object> = {
      override: { wheelId: demoWheels[0]!.id, findingId: 'law-power', because: 'as it is' },
      truing: { spokes: [{ side: 'left', radialMm: 1 }] },
      'came-off': { side: 'left', parts: [{ kind: 'nut' }] },
      step: { stepId: `axle-tight.${where.slice(0, -5)}`, how: 'done', readings: [{ check: 'left', value: 40 }] },
      received: { counts: [{ part: 'Axle nut', expected: 2, got: 1 }] },
      'kit-parts': { fates: [] },
      irreversible: { what: 'filed', where: 'left slot' },
      note: { words: 'seen' },
    };
    return { kind, place: where, data: data[kind] ?? {}, at: when };
  }),
);

/** A body that the route may well take. */
const bodies: readonly (readonly [path: RegExp, body: fc.Arbitrary<unknown>])[] = [
  [/readings\/:id$/, reading],
  [
    /take-in/,
    fc
      .record({ given: facts, at, ids: fc.array(fresh, { minLength: 20, maxLength: 20 }) })
      .map(({ given, at: takenAt, ids }) => ({
        tellings: toldBetween({}, given as BikeFacts).map((telling, index) => ({ id: ids[index], ...telling })),
        takenAt,
      })),
  ],
  [/choices/, fc.record({ place, kind: fc.constantFrom('place', 'wheel'), wheelId: uuid, chosenAt: at })],
  [
    /acceptances/,
    fc.record({
      kind: fc.constant('stack'),
      place,
      wheelId: uuid,
      left: fc.array(fc.constant('plain-1.5')),
      right: fc.constant([]),
      rotorShimsMm: fc.constant([]),
      caliperShimsMm: fc.constant([]),
      byHand: fc.boolean(),
      acceptedAt: at,
    }),
  ],
  [/events\/:id$/, event],
  [
    /moves\/:moveId$/,
    fc.record({ kind: fc.constantFrom('counted', 'moved'), count: fc.integer({ min: -20, max: 40 }), at }),
  ],
  [
    /photos\/:id$/,
    fc.record({
      place: fc.constant('bike'),
      about: fc.constantFrom('condition', 'x'),
      picture: fc.constantFrom('cGljdHVyZQ==', ''),
      takenAt: at,
    }),
  ],
  [
    /orders/,
    fc.record({
      place,
      what: fc.string({ minLength: 1, maxLength: 20 }),
      count: fc.integer({ min: 1, max: 500 }),
      reason: fc.constant('so'),
      costEach: fc.nat(900),
      leadDays: fc.nat(300),
      state: fc.constantFrom('wanted', 'ordered', 'received'),
      version: fc.nat(2),
    }),
  ],
  [
    /stores\/imports/,
    fc
      .array(storeItem, { maxLength: 4 })
      .chain((rows) =>
        fc
          .array(fresh, { minLength: rows.length, maxLength: rows.length })
          .map((ids) => ({ rows: rows.map(({ version: _, ...row }, index) => ({ ...row, id: ids[index] })) })),
      ),
  ],
  [
    /wheels\/imports/,
    fc
      .array(wheel, { maxLength: 2 })
      .chain((rows) =>
        fc
          .array(fresh, { minLength: rows.length, maxLength: rows.length })
          .map((ids) => ({ rows: rows.map((row, index) => ({ ...row, id: ids[index] })) })),
      ),
  ],
  [/stores\/:itemId$/, storeItem],
  [/wheels\/:wheelId$/, wheel],
  [/shop\/settings$/, limits.map((own) => ({ limits: own, tools: [], hourlyRate: 60, laws: [], version: 0 }))],
  [
    /api\/bikes\/:bikeId$/,
    fc.record({
      tag: fc.constant('ZZ'),
      name: fc.constant('Drawn'),
      kind: fc.constantFrom('upright', 'trike'),
      version: fc.nat(3),
    }),
  ],
  [
    /people/,
    fc.record({
      name: fc.string({ minLength: 1, maxLength: 10 }),
      role: fc.constant('learner'),
      active: fc.boolean(),
      version: fc.nat(2),
    }),
  ],
  [/session\/pin$/, fc.record({ personId: uuid, pin: fc.constant('0000') })],
  [/withdrawal$/, fc.constant({})],
];

/** Puts something odd somewhere into a body. */
function spoilt(body: unknown, path: readonly number[], value: unknown): unknown {
  if (typeof body !== 'object' || body === null || path.length === 0) return value;
  const keys = Object.keys(body);
  if (keys.length === 0) return value;
  const [first = 0, ...rest] = path;
  const key = keys[first % keys.length]!;
  const inner = spoilt((body as Record<string, unknown>)[key], rest, value);
  return Array.isArray(body)
    ? body.map((item, index) => (String(index) === key ? inner : item))
    : { ...body, [key]: inner };
}

function sharesOf(path: string): number {
  if (/job-sheet|stack-card/.test(path)) return 1;
  return /readings\/:id$|take-in|:itemId$|:wheelId$|settings$/.test(path) ? 16 : 4;
}

/**
 * Signing out ends the test, and the stream of changes, which has no end to wait for, has a test of its own; what stores
 * figures is asked for most, sheets, which take long, least.
 */
const rules = accessRules
  .filter(({ path }) => path !== '/api/changes')
  .filter(({ path, method }) => path !== '/api/session/everywhere' && !(path === '/api/session' && method === 'DELETE'))
  .flatMap((rule) => Array.from({ length: sharesOf(rule.path) }, () => rule));

/** Any request to any route: mostly such as it is meant, some with something odd in it. */
export const hostileRequest: fc.Arbitrary<HostileRequest> = fc.constantFrom(...rules).chain((rule) => {
  const meant = bodies.find(([path]) => path.test(rule.path))?.[1] ?? fc.constant({});
  const body = fc.oneof(
    { weight: 4, arbitrary: meant },
    {
      weight: 3,
      arbitrary: fc
        .tuple(meant, fc.array(fc.nat(12), { minLength: 1, maxLength: 4 }), odd)
        .map(([given, path, value]) => spoilt(given, path, value)),
    },
    { weight: 1, arbitrary: odd },
  );
  const id = fc.oneof(
    { weight: 3, arbitrary: uuid },
    { weight: 8, arbitrary: fresh },
    { weight: 1, arbitrary: fc.constantFrom('x', '%00', '%F0', 'constructor', '..%2F..') },
  );
  const text = fc.oneof(
    { weight: 12, arbitrary: body.map((given) => JSON.stringify(given)) },
    {
      weight: 1,
      arbitrary: fc.constantFrom(
        '',
        '{',
        '[1]',
        'null',
        `${'['.repeat(40_000)}`,
        `{"a":${'['.repeat(70)}1${']'.repeat(70)}}`,
      ),
    },
  );
  return fc
    .record({ bike: fc.constantFrom(...bikes), ids: fc.array(id, { minLength: 3, maxLength: 3 }), text, search: odd })
    .map(({ bike, ids, text: sent, search }) => {
      let at_ = 0;
      const path = rule.path.replace(/:(\w+)/g, (_, name: string) => {
        if (name === 'end') return 'rear';
        // A bike that is taken out is of no more use here: another one is.
        if (name === 'bikeId' && !rule.path.endsWith('/:bikeId/withdrawal')) return bike;
        return ids[at_++ % 3]!;
      });
      const query =
        rule.path === '/api/bikes' && rule.method === 'GET'
          ? `?search=${encodeURIComponent(safe(String(search)))}`
          : '';
      return {
        method: rule.method,
        path: path + query,
        body: rule.method === 'GET' ? undefined : sent,
        writeId: randomUUID(),
      };
    });
});

function safe(text: string): string {
  return text.replace(/\p{Surrogate}/gu, '');
}
