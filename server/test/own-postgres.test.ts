import { execFileSync } from 'node:child_process';
import { readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

import { Client } from 'pg';

const port = 54_624;
const root = join(__dirname, '../..');

interface OwnCluster {
  url: string;
  data: string;
  passwordFile: string;
}

/** Our scripts' own cluster, driven as `npm start` drives it. */
function drive(action: 'start' | 'stop'): OwnCluster {
  const script = `
    const { cluster } = await import('./scripts/lib/postgres.mjs');
    const own = cluster('drill', ${port});
    own.${action}();
    if ('${action}' === 'start') own.ensureDatabase('cricket_drill');
    console.log(JSON.stringify({ url: own.url('cricket_drill'), data: own.data, passwordFile: own.passwordFile }));`;
  const printed = execFileSync(process.execPath, ['--input-type=module', '-e', script], {
    cwd: root,
    encoding: 'utf8',
  });
  return JSON.parse(printed.trim().split('\n').pop()!) as OwnCluster;
}

async function ask(url: string, sql: string): Promise<unknown[]> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query(sql)).rows as unknown[];
  } finally {
    await client.end();
  }
}

let own: OwnCluster;
beforeAll(() => {
  own = drive('start');
}, 60_000);
afterAll(() => {
  drive('stop');
  rmSync(own.data, { recursive: true, force: true });
  rmSync(own.passwordFile, { force: true });
}, 60_000);

/** The same address for the role that keeps the cluster. */
function asKeeper(database = 'postgres'): string {
  const line = readFileSync(own.passwordFile, 'utf8')
    .split('\n')
    .find((each) => each.includes(':keeper:'))!;
  return `postgres://keeper:${line.split(':')[4]}@127.0.0.1:${port}/${database}`;
}

describe('our own PostgreSQL', () => {
  it('lets nobody in without the password', async () => {
    const [, password] = /cricket:([^@]+)@/.exec(own.url)!;
    expect(password!.length).toBeGreaterThanOrEqual(32);
    for (const other of ['', ':', ':wrong', ':postgres']) {
      await expect(ask(own.url.replace(`:${password}`, other), 'select 1')).rejects.toThrow(/password/);
    }
    await expect(ask(asKeeper().replace(/:[^:@/]+@/, `:${password}@`), 'select 1')).rejects.toThrow(/password/);
    await expect(ask(own.url.replace('cricket:', 'postgres:'), 'select 1')).rejects.toThrow(/password/);
    await expect(ask(own.url, 'select 1 as here')).resolves.toEqual([{ here: 1 }]);
  });

  it('keeps the passwords where only their owner reads them', () => {
    expect(statSync(own.passwordFile).mode & 0o777).toBe(0o600);
    expect(statSync(own.data).mode & 0o077).toBe(0);
  });

  it('gives the app its own databases and nothing else', async () => {
    await ask(own.url, 'create table mine (id int)');
    for (const sql of [
      'create database more',
      'create role more',
      "select pg_read_file('pg_hba.conf')",
      "copy mine from program 'echo 1'",
      'select rolpassword from pg_authid',
      'alter role cricket superuser',
    ]) {
      await expect(ask(own.url, sql)).rejects.toThrow(/permission denied|must be superuser/);
    }
  });

  it('makes new passwords for a new cluster, whatever was kept of one that is gone', async () => {
    drive('stop');
    rmSync(own.data, { recursive: true });
    const before = own.url;
    own = drive('start');
    expect(own.url).not.toBe(before);
    await expect(ask(own.url, 'select 1 as here')).resolves.toEqual([{ here: 1 }]);
  }, 60_000);

  it('takes over a cluster from before there were passwords, with what is in it', async () => {
    await ask(asKeeper(), 'create role app superuser login');
    await ask(asKeeper(), 'create database cricket_before owner app');
    await ask(asKeeper('cricket_before'), 'create table bike (tag text)');
    await ask(asKeeper('cricket_before'), "insert into bike values ('MQ-31')");
    await ask(asKeeper('cricket_before'), 'alter table bike owner to app');
    drive('stop');
    writeFileSync(join(own.data, 'pg_hba.conf'), 'host all all 127.0.0.1/32 trust\n');
    rmSync(own.passwordFile);

    own = drive('start');
    const url = own.url.replace(/[^/]*$/, 'cricket_before');
    expect(await ask(url, 'select tag from bike')).toEqual([{ tag: 'MQ-31' }]);
    // What a migration does: only who owns the table may.
    await ask(url, 'alter table bike add column name text');
    await expect(ask(url.replace(/cricket:[^@]+@/, 'app@'), 'select 1')).rejects.toThrow(/password|not permitted/);
  }, 60_000);
});
