import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';

import { Client } from 'pg';

import { ChangeFeed } from '../src/data/change-feed';
import { changeChannel } from '../src/data/revisions';
import { SummaryQueue } from '../src/summaries/summary-queue';
import { startServer, type ServerProcess } from './server-process.testing';

const port = 54_623;
const root = join(__dirname, '../..');
const postgres = (action: string) =>
  execFileSync(process.execPath, [join(root, 'scripts/postgres.mjs'), 'fault', String(port), action], {
    encoding: 'utf8',
  });

let server: ServerProcess;
let databaseUrl: string;
let address: string;
let cookie: string;
beforeAll(async () => {
  databaseUrl = postgres('start').trim().split('\n').pop()!;
  server = await startServer(databaseUrl);
  address = server.address;
  const body = JSON.stringify({ name: 'Hand', password: 'long enough to keep' });
  const signIn = (path: string) =>
    fetch(`${address}${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
  const owner = await signIn('/api/session/first-owner');
  // The cluster may be left from an earlier run: then its owner signs in.
  const signed = owner.status === 409 ? await signIn('/api/session') : owner;
  cookie = signed.headers.getSetCookie()[0]!.split(';')[0]!;
}, 60_000);
afterAll(async () => {
  await server.stop();
  postgres('stop');
}, 60_000);

const put = (id: string, writeId: string = randomUUID()) =>
  fetch(`${address}/api/bikes/${id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'x-write-id': writeId, cookie },
    body: JSON.stringify({ tag: 'MQ-91', name: 'Milk round bike', kind: 'upright' }),
  });
const list = async () => {
  const rows = (await (await fetch(`${address}/api/bikes`, { headers: { cookie } })).json()) as {
    bike: { id: string };
  }[];
  return rows.map((row) => row.bike.id);
};

it('says 503 while PostgreSQL is gone, and keeps every acknowledged write across its death', async () => {
  const before = await list();
  const kept: string[] = [];
  for (let round = 0; round < 3; round++) {
    const id = randomUUID();
    expect((await put(id)).status).toBe(201);
    kept.push(id);
    postgres('kill');
    const lost = randomUUID();
    const writeId = randomUUID();
    const refused = await put(lost, writeId);
    expect(refused.status).toBe(503);
    expect(refused.headers.get('retry-after')).toBe('2');
    expect(await refused.json()).toMatchObject({ code: 'unavailable' });
    expect((await fetch(`${address}/ready`)).status).toBe(503);
    expect((await fetch(`${address}/health`)).status).toBe(200);
    postgres('start');
    // The same write, sent again, goes in once.
    expect((await put(lost, writeId)).status).toBe(201);
    expect((await put(lost, writeId)).status).toBe(201);
    kept.push(lost);
  }
  const after = await list();
  expect(after.filter((id) => !before.includes(id)).sort()).toEqual([...kept].sort());
  expect(after).toHaveLength(before.length + kept.length);
}, 120_000);

it('goes on with its queue when PostgreSQL dies under a job whose end it cannot be told', async () => {
  // Its own queue would take the job.
  await server.stop();
  const unheard: unknown[] = [];
  const onUnheard = (error: unknown) => unheard.push(error);
  process.on('unhandledRejection', onUnheard);
  const [taken, dead, warned, again] = [signal(), signal(), signal(), signal()];
  const log = { warn: (_: object, text: string) => text === 'a summary was not worked out' && warned.give() };
  const feed = new ChangeFeed(databaseUrl, log as never);
  const summaries = {
    refresh: async () => {
      taken.give();
      await dead.given;
    },
    refreshList: async () => again.give(),
  };
  const queue = new SummaryQueue(databaseUrl, summaries, feed, log as never);
  await queue.start();
  await feed.listening();
  const admin = new Client({ connectionString: databaseUrl });
  admin.on('error', () => undefined);
  await admin.connect();
  const notice = JSON.stringify({ subject: `bike:${randomUUID()}`, writeId: randomUUID() });
  await admin.query('SELECT pg_notify($1, $2)', [changeChannel, notice]);
  await taken.given;
  postgres('kill');
  dead.give();
  await warned.given;
  postgres('start');
  // What may have been missed meanwhile is a job again.
  await again.given;
  await queue.stop();
  await feed.close();
  process.off('unhandledRejection', onUnheard);
  expect(unheard).toEqual([]);
}, 60_000);

/** Something that happens once, for whoever waits for it. */
function signal(): { given: Promise<void>; give: () => void } {
  let give = () => undefined as void;
  const given = new Promise<void>((resolve) => (give = resolve));
  return { given, give };
}
