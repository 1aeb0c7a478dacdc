import { randomUUID } from 'node:crypto';

import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const bike = '00000003-0000-4000-8000-000000000003';
const ofBike = ['photo', 'reading', 'choice', 'acceptance', 'order_line', 'job_event', 'store_move', 'journal'];

interface Wheel {
  id: string;
  code: string;
  note: string;
  version: number;
}
const wheels = async () => (await server.send('GET', '/api/wheels')).json as unknown as Wheel[];
const file = async () => (await server.send('GET', `/api/jobs/${bike}`)).json;
const readIn = (body: object) => server.send('PUT', `/api/jobs/${randomUUID()}`, body);
async function forget(wheelId: string): Promise<void> {
  for (const table of ofBike) await server.dataSource.query(`DELETE FROM ${table} WHERE bike_id = $1`, [bike]);
  await server.dataSource.query('DELETE FROM bike WHERE id = $1', [bike]);
  await server.dataSource.query('DELETE FROM wheel WHERE id = $1', [wheelId]);
}

describe('a job that is read in where its kit is unknown', () => {
  it('brings the kit along, and leaves one that is known as it is', async () => {
    const sent = await file();
    const [kit, ...others] = sent.wheels as Wheel[];
    expect(kit!.code).toBe('RW-3');
    expect(others).toEqual([]);
    await forget(kit!.id);
    expect((await readIn(sent)).status).toBe(201);
    const there = (await wheels()).find(({ id }) => id === kit!.id)!;
    expect(there).toMatchObject({ ...kit, version: 1 });
    expect(there.note).toMatch(/Came in with a job file/);
    // The same job once more, into a shop that has changed this kit since.
    const { id: _, ...rest } = there;
    const own = { ...rest, code: 'RW-3B' };
    expect((await server.send('PUT', `/api/wheels/${kit!.id}`, own)).status).toBe(200);
    await forget(randomUUID());
    expect((await readIn(sent)).status).toBe(201);
    expect((await wheels()).find(({ id }) => id === kit!.id)!.code).toBe('RW-3B');
  });

  it('takes the kit from a taken stack where an earlier file has no kits', async () => {
    const { wheels: kits, ...earlier } = await file();
    const [kit] = kits as Wheel[];
    await forget(kit!.id);
    expect((await readIn(earlier)).status).toBe(201);
    expect((await wheels()).some(({ id }) => id === kit!.id)).toBe(true);
  });

  it('takes in nothing with a kit that cannot be', async () => {
    const sent = await file();
    const [kit] = sent.wheels as (Wheel & { axle: object })[];
    for (const [bad, path] of [
      [{ ...kit, id: 'RW-3' }, 'wheels.0.id'],
      [{ ...kit, axle: { ...kit!.axle, flatsMm: 18, threadMm: 12 } }, 'wheels.0.axle.flatsMm'],
      [{ ...kit, nutMm: 900 }, 'wheels.0.nutMm'],
    ] as const) {
      const answer = await readIn({ ...sent, wheels: [bad] });
      expect(answer.status).toBe(422);
      expect(JSON.stringify(answer.json)).toContain(path);
    }
    expect((await readIn({ ...sent, wheels: [kit, kit] })).status).toBe(422);
  });
});
