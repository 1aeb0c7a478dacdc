import { execFileSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { Client } from 'pg';
import sharp from 'sharp';

import { freshServer, type FreshServer } from './fresh-server.testing';

const root = join(__dirname, '../..');
let server: FreshServer;
let folder: string;
beforeAll(async () => {
  server = await freshServer({ demo: true });
  folder = mkdtempSync(join(tmpdir(), 'cricket-drill-'));
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});

const script = (name: string, args: string[]) =>
  execFileSync(process.execPath, [join(root, 'scripts', name), ...args], {
    env: { ...process.env, DATABASE_URL: server.databaseUrl },
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'pipe'],
  });

async function withClient<T>(work: (client: Client) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: server.databaseUrl });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** A digest of every row of every table. */
async function everything(): Promise<Record<string, string>> {
  return withClient(async (client) => {
    const { rows: tables } = await client.query<{ name: string }>(
      "SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' ORDER BY 1",
    );
    const digests: Record<string, string> = {};
    for (const { name } of tables) {
      const { rows } = await client.query<{ line: string }>(`SELECT t::text AS line FROM "${name}" t ORDER BY 1`);
      digests[name] = `${rows.length} ${createHash('sha256')
        .update(rows.map(({ line }) => line).join('\n'))
        .digest('hex')}`;
    }
    return digests;
  });
}

it('a backup taken while the server runs brings back every row after the database is destroyed', async () => {
  const bike = '00000003-0000-4000-8000-000000000003';
  const picture = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#0a7' } })
    .jpeg()
    .toBuffer();
  const sent = await server.send('PUT', `/api/bikes/${bike}/photos/${randomUUID()}`, {
    place: 'bike',
    about: 'condition',
    picture: picture.toString('base64'),
    takenAt: '2026-03-02T09:00:00.000Z',
  });
  expect(sent.status).toBe(201);
  const before = await everything();
  expect(Object.keys(before)).toEqual(expect.arrayContaining(['bike', 'photo', 'journal', 'person', 'session']));
  const file = join(folder, 'shop.dump');
  script('backup.mjs', [file]);
  // Passwords and photos are in it: nobody else on this machine reads it.
  expect(statSync(file).mode & 0o077).toBe(0);
  // Over a file that others could read, too.
  chmodSync(file, 0o644);
  script('backup.mjs', [file]);
  expect(statSync(file).mode & 0o077).toBe(0);
  // What is no whole backup of a shop moves nothing.
  const whole = readFileSync(file);
  for (const [name, bytes] of [
    ['empty.dump', Buffer.alloc(0)],
    ['cut.dump', whole.subarray(0, 300)],
    ['other.dump', Buffer.from('a letter to a friend')],
  ] as const) {
    writeFileSync(join(folder, name), bytes);
    expect(() => script('restore.mjs', [join(folder, name)])).toThrow(/no whole backup/);
  }
  expect(await everything()).toEqual(before);
  await server.dataSource.destroy();
  await withClient(async (client) => {
    await client.query('DROP SCHEMA public CASCADE');
    await client.query('CREATE SCHEMA public');
  });
  expect(await everything()).toEqual({});
  script('restore.mjs', [file]);
  expect(await everything()).toEqual(before);
}, 120_000);
