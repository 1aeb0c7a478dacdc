import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';

import { cluster } from './lib/postgres.mjs';
import { root } from './lib/root.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/**
 * npm run backup -- [FILE]           your own shop
 * npm run backup -- [FILE] --demo    the demo
 */
const args = process.argv.slice(2);
const name = args.includes('--demo') ? 'cricket_demo' : 'cricket_shop';
const given = args.find((arg) => !arg.startsWith('--'));
const stamp = new Date().toISOString().replace(/[:.]/g, '-');
const file = given ? resolve(given) : join(root, '.data', 'backups', `${name}-${stamp}.dump`);
const database = cluster('shop', Number(process.env.CRICKET_PG_PORT ?? 54620));
// A database elsewhere needs none of ours.
const started = process.env.DATABASE_URL ? false : database.start();
try {
  mkdirSync(dirname(file), { recursive: true });
  const source = process.env.DATABASE_URL ?? database.url(name);
  const dump = run(join(database.bin, 'pg_dump'), ['--format=custom', '--no-owner', '--dbname', source], {
    encoding: 'buffer',
    cwd: '/',
  });
  writeFileSync(file, dump, { mode: 0o600 });
  say(`${name} is in ${file} (${dump.length} bytes)`);
} finally {
  if (started) database.stop();
}
