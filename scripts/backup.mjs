import { chmodSync, mkdirSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';

import { cluster, elsewhere } from './lib/postgres.mjs';
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
  const source = process.env.DATABASE_URL ? elsewhere(process.env.DATABASE_URL) : database.named(name);
  // Over an older file of the same name, too: nobody else reads it, and it is whole or not there.
  const fresh = `${file}.part`;
  writeFileSync(fresh, '', { mode: 0o600 });
  chmodSync(fresh, 0o600);
  run(join(database.bin, 'pg_dump'), ['--format=custom', '--no-owner', '--file', fresh, '--dbname', source.target], {
    cwd: '/',
    env: source.env,
  });
  const { size } = statSync(fresh);
  renameSync(fresh, file);
  say(`${name} is in ${file} (${size} bytes)`);
} finally {
  if (started) database.stop();
}
