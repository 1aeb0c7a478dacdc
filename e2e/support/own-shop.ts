import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';

import { Client } from 'pg';

import { TurnProxy } from './turn-proxy';

/** Where a run keeps the name of the demo shop that every test's own is copied from. */
export const filledShop = 'CRICKET_FILLED_SHOP';

const root = fileURLToPath(new URL('../..', import.meta.url));

/** A server of a test's own, over a demo database of its own; it can be taken away and brought back. */
export class OwnShop {
  private child: ChildProcess | null = null;
  private second: ChildProcess | null = null;
  readonly database = `shop_${randomUUID().replaceAll('-', '')}`;
  private port = 0;

  private proxy: TurnProxy | null = null;

  get url(): string {
    return this.proxy?.url ?? `http://127.0.0.1:${this.port}`;
  }

  /** A shop without demo data and people is the alternative. */
  constructor(private readonly demo = true) {}

  /** Creates the database, fills it with the demo and starts the server. */
  async open(): Promise<void> {
    const filled = this.demo && process.env[filledShop];
    await this.admin(`CREATE DATABASE ${this.database}${filled ? ` TEMPLATE ${filled}` : ''}`);
    this.port = await freePort();
    await this.start();
  }

  async start(): Promise<void> {
    this.child = await this.serve(this.port);
  }

  /** Puts another server over the same database beside the first, and a proxy before both that gives each a request in turn. */
  async pairUp(): Promise<void> {
    const port = await freePort();
    this.second = await this.serve(port);
    this.proxy = new TurnProxy([this.port, port]);
    await this.proxy.open();
  }

  /** How many requests each of the two servers has had. */
  get served(): readonly number[] {
    return this.proxy?.served ?? [];
  }

  private async serve(port: number): Promise<ChildProcess> {
    const child = spawn(process.execPath, ['server/dist/main.mjs'], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        PORT: String(port),
        DATABASE_URL: this.databaseUrl(),
        DEMO: this.demo ? '1' : '0',
        CLIENT_DIR: `${root}client/dist`,
        LOG_LEVEL: 'info',
      },
    });
    await new Promise<void>((resolve, reject) => {
      child.stdout!.on('data', (chunk) => String(chunk).includes('"listening"') && resolve());
      child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
    return child;
  }

  /** Ends the server, by default as hard as a power cut. */
  async stop(signal: NodeJS.Signals = 'SIGKILL'): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = once(child, 'exit');
    child.kill(signal);
    await ended;
  }

  async close(): Promise<void> {
    await this.proxy?.close();
    await this.stop();
    this.second?.kill('SIGKILL');
    const drop = `DROP DATABASE IF EXISTS ${this.database}`;
    try {
      await this.admin(`${drop} WITH (FORCE)`);
    } catch (error) {
      // PostgreSQL's own housekeeping is nobody's to end; a plain drop asks it to go, and waits for it.
      if ((error as { code?: string }).code !== '42501') throw error;
      await this.admin(drop);
    }
  }

  /** Rows of a query against this shop's database. */
  async query<T extends object>(sql: string): Promise<T[]> {
    const client = new Client({ connectionString: this.databaseUrl() });
    await client.connect();
    try {
      const { rows } = await client.query<T>(sql);
      // What is changed behind the server's back it neither marks as changed nor tells to the pages that are open: done here.
      if (!/^\s*SELECT/i.test(sql)) {
        await client.query(`WITH marked AS (UPDATE revision SET revision = gen_random_uuid() RETURNING subject)
          SELECT pg_notify('cricket_changes', json_build_object('subject', subject, 'writeId', gen_random_uuid())::text)
          FROM marked`);
      }
      return rows;
    } finally {
      await client.end();
    }
  }

  private databaseUrl(): string {
    return adminUrl().replace(/[^/]*$/, this.database);
  }

  private async admin(sql: string): Promise<void> {
    const client = new Client({ connectionString: adminUrl() });
    await client.connect();
    try {
      await client.query(sql);
    } finally {
      await client.end();
    }
  }
}

function adminUrl(): string {
  const url = process.env['TEST_DATABASE_URL'];
  if (!url) throw new Error('TEST_DATABASE_URL is not set; run the tests by npm test');
  return url;
}

async function freePort(): Promise<number> {
  const server = createServer();
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}
