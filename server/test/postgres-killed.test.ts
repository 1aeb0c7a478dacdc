import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';

import { freshServer, type FreshServer } from './fresh-server.testing';

const port = 54_623;
const script = join(__dirname, '../../scripts/postgres.mjs');
const postgres = (action: string) =>
  execFileSync(process.execPath, [script, 'fault', String(port), action], { encoding: 'utf8' });

let server: FreshServer;
const usual = process.env['TEST_DATABASE_URL'];
beforeAll(async () => {
  process.env['TEST_DATABASE_URL'] = postgres('start').trim().split('\n').pop();
  server = await freshServer();
}, 60_000);
afterAll(async () => {
  await server.close();
  postgres('stop');
  process.env['TEST_DATABASE_URL'] = usual;
}, 60_000);

const bike = { tag: 'MQ-91', name: 'Milk round bike', kind: 'upright' };

it('says 503 while PostgreSQL is gone, and keeps every acknowledged write across its death', async () => {
  const kept: string[] = [];
  for (let round = 0; round < 3; round++) {
    const id = randomUUID();
    expect((await server.send('PUT', `/api/bikes/${id}`, bike)).status).toBe(201);
    kept.push(id);
    postgres('kill');
    const lost = randomUUID();
    const writeId = randomUUID();
    const refused = await server.send('PUT', `/api/bikes/${lost}`, bike, { 'x-write-id': writeId });
    expect(refused).toMatchObject({ status: 503, json: { code: 'unavailable' } });
    expect(refused.headers.get('retry-after')).toBe('2');
    expect((await server.app.request('/ready')).status).toBe(503);
    expect((await server.app.request('/health')).status).toBe(200);
    postgres('start');
    // The same write, sent again, goes in once.
    const again = await server.send('PUT', `/api/bikes/${lost}`, bike, { 'x-write-id': writeId });
    expect(again.status).toBe(201);
    kept.push(lost);
  }
  const { json } = await server.send('GET', '/api/bikes');
  expect(json.map((row: { bike: { id: string } }) => row.bike.id).sort()).toEqual([...kept].sort());
}, 120_000);
