import { randomUUID } from 'node:crypto';

import { readInput } from '@cricket/core/input';
import { PlainWheel } from '@cricket/core/part-schemas';
import { openFeatures } from '@cricket/core/end-facts';
import { endState } from '@cricket/core/next-action';

import { demoBikes } from '../src/demo/bikes';
import { fillDemo } from '../src/demo/fill-demo';
import { storeItems } from '@cricket/core/parts';
import { demoStores } from '../src/demo/stores';
import { demoWheels } from '../src/demo/wheels';
import { bikeRecord } from '../src/data/records';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const tags = async () =>
  (await server.send('GET', '/api/bikes')).json.map((row: { bike: { tag: string } }) => row.bike.tag);

describe('the demo data', () => {
  it('is filled once, and left alone afterwards', async () => {
    const before = await tags();
    expect(before).toHaveLength(9);
    await server.send('PUT', `/api/bikes/${randomUUID()}`, { tag: 'MQ-99', name: 'Own bike', kind: 'upright' });
    await fillDemo(server.dataSource, { renew: false });
    expect(await tags()).toEqual([...before, 'MQ-99']);
  });

  it('is the same again after it was renewed, and what visitors left is gone', async () => {
    await fillDemo(server.dataSource, { renew: true });
    const first = await tags();
    expect(first).not.toContain('MQ-99');
    await fillDemo(server.dataSource, { renew: true });
    expect(await tags()).toEqual(first);
  });

  it('is filled by one of two servers that start together', async () => {
    await server.dataSource.query(
      'TRUNCATE bike_summary, journal, job_event, photo, store_move, part, wheel, acceptance, choice, reading, order_line, shop_settings, bike',
    );
    await Promise.all([fillDemo(server.dataSource, { renew: false }), fillDemo(server.dataSource, { renew: false })]);
    expect(await tags()).toHaveLength(9);
  });

  it('shows a shop at work: bikes in care, orders under way, weeks in the journal', async () => {
    const finished = demoBikes.filter((bike) => bike.finished);
    expect(finished).toHaveLength(2);
    for (const row of (await server.send('GET', '/api/bikes')).json) {
      const { events, orders } = await bikeRecord(server.dataSource, row.bike.id);
      const done = finished.some(({ bike }) => bike.tag === row.bike.tag);
      expect(events.length > 60).toBe(done);
      if (done) expect(orders.map(({ state }) => state)).toEqual(['received', 'received']);
      const journal = (await server.send('GET', `/api/bikes/${row.bike.id}/journal`)).json as { at: string }[];
      expect(journal.length).toBeGreaterThan(events.length);
    }
    const [{ weeks }] = await server.dataSource.query(
      "SELECT extract(day FROM max(at) - min(at)) / 7 AS weeks FROM journal WHERE action LIKE 'event-%' OR action = 'bike-in'",
    );
    expect(Number(weeks)).toBeGreaterThan(4);
    const ordered = await server.dataSource.query("SELECT what FROM order_line WHERE state = 'ordered'");
    expect(ordered).toEqual([{ what: 'Kit RW-2' }]);
  });

  it('names only invented codes and keeps every reading plausible', async () => {
    expect(new Set(demoWheels.map(({ code }) => code)).size).toBe(demoWheels.length);
    for (const { code } of demoWheels) expect(code).toMatch(/^[FR]W-\d+$/);
    // Every kit is one that could be read in from a file.
    for (const { version: _, note: __, ...wheel } of demoWheels) expect(readInput(PlainWheel, wheel)).toEqual(wheel);
    for (const row of (await server.send('GET', '/api/bikes')).json) {
      const record = await bikeRecord(server.dataSource, row.bike.id);
      for (const reading of record.readings) {
        const answer = await server.send('PUT', `/api/bikes/${row.bike.id}/readings/${randomUUID()}`, {
          place: reading.place,
          feature: reading.feature,
          valueMm: reading.valueMm,
          word: reading.word,
          parts: reading.parts,
          told: reading.told,
          instrument: reading.instrument,
          takenAt: reading.takenAt,
        });
        expect(answer.status).toBe(201);
      }
    }
  }, 60_000);

  it('has a wheel and stores for each bike that says so, and never a verdict with a reading open', async () => {
    await fillDemo(server.dataSource, { renew: true });
    for (const row of (await server.send('GET', '/api/bikes')).json) {
      const record = await bikeRecord(server.dataSource, row.bike.id);
      const state = endState({ ...record, bike: record.bike.facts, stacks: [] }, row.end, {
        wheels: demoWheels,
        stores: storeItems(demoStores),
      });
      if (openFeatures(state.facts).length > 0) expect(['measure', 'refused']).toContain(state.next.kind);
      if (state.fit && openFeatures(state.facts).length > 0) expect(['unknown', 'stop']).toContain(state.fit.verdict);
    }
  });
});

describe('renewing the demo', () => {
  it('throws nothing away in a database that is somebody’s shop', async () => {
    const own = await freshServer();
    try {
      expect(
        (await own.send('PUT', `/api/bikes/${randomUUID()}`, { tag: 'OWN', name: 'Own bike', kind: 'upright' })).status,
      ).toBe(201);
      await expect(fillDemo(own.dataSource, { renew: true })).rejects.toThrow('this database is no demo');
      expect((await own.send('GET', '/api/bikes')).json).toHaveLength(1);
    } finally {
      await own.close();
    }
  });
});
