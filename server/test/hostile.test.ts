import fc from 'fast-check';

import { freshServer, type FreshServer } from './fresh-server.testing';
import { hostileRequest } from './hostile.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const runs = Number(process.env['CRICKET_HOSTILE_RUNS'] ?? 1200);

it(
  `no request of ${runs} drawn over every route makes the server fail, and every page still answers afterwards`,
  async () => {
    const requests = fc.sample(hostileRequest, { numRuns: runs, seed: 12 });
    const answers = new Map<number, number>();
    for (const { method, path, body, writeId } of requests) {
      const { status } = await server.send(method, path, body, { 'x-write-id': writeId });
      answers.set(status, (answers.get(status) ?? 0) + 1);
      if (status >= 500) throw new Error(`${status}: ${method} ${path} ${body?.slice(0, 2000)}`);
    }
    // Much of it was taken: a server that refuses everything would pass, too.
    expect((answers.get(200) ?? 0) + (answers.get(201) ?? 0)).toBeGreaterThan(runs / 4);
    const list = await server.send('GET', '/api/bikes');
    expect(list.status).toBe(200);
    for (const { bike } of list.json as { bike: { id: string } }[]) {
      expect((await server.send('GET', `/api/bikes/${bike.id}`)).status).toBe(200);
      const sheet = await server.app.request(`/api/bikes/${bike.id}/job-sheet`, {
        headers: { cookie: await server.signedIn('learner') },
      });
      expect(sheet.status).toBe(200);
    }
  },
  300_000 + 60 * runs,
);
