import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';

import pg from 'pg';

const root = fileURLToPath(new URL('..', import.meta.url));

/** A built server on a database of its own, filled with the demo. */
export interface DemoServer {
  address: string;
  databaseUrl: string;
  /** Of a session of the demo shop's installer. */
  cookie: string;
  close: () => Promise<void>;
}

/** Rows of one query. */
export async function query(to: string, sql: string): Promise<Record<string, string>[]> {
  const client = new pg.Client({ connectionString: to });
  await client.connect();
  try {
    return (await client.query(sql)).rows as Record<string, string>[];
  } finally {
    await client.end();
  }
}

export async function demoServer(): Promise<DemoServer> {
  const admin = process.env['TEST_DATABASE_URL'];
  if (!admin) throw new Error('TEST_DATABASE_URL is not set; run this by npm run bench');
  const database = `bench_${randomUUID().replaceAll('-', '')}`;
  const databaseUrl = admin.replace(/[^/]*$/, database);
  const probe = createServer().listen(0, '127.0.0.1');
  await once(probe, 'listening');
  const { port } = probe.address() as AddressInfo;
  probe.close();
  await query(admin, `CREATE DATABASE ${database}`);
  const server = spawn(process.execPath, ['server/dist/main.mjs'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      PORT: String(port),
      DATABASE_URL: databaseUrl,
      CLIENT_DIR: 'client/dist',
      DEMO: '1',
      LOG_LEVEL: 'info',
    },
  });
  const close = async () => {
    server.kill('SIGTERM');
    if (server.exitCode === null) await once(server, 'exit');
    await query(admin, `DROP DATABASE ${database} WITH (FORCE)`);
  };
  try {
    await new Promise<void>((resolve, reject) => {
      server.stdout.on('data', (chunk) => String(chunk).includes('"listening"') && resolve());
      server.once('exit', () => reject(new Error('the server did not start')));
    });
    const address = `http://127.0.0.1:${port}`;
    const signedIn = await fetch(`${address}/api/session/demo`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ role: 'installer' }),
    });
    return { address, databaseUrl, cookie: signedIn.headers.getSetCookie()[0]!.split(';')[0]!, close };
  } catch (error) {
    await close();
    throw error;
  }
}
