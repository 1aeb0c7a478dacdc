import { existsSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

import { cluster, elsewhere } from './lib/postgres.mjs';
import { run } from './lib/run.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * npm run restore -- FILE           into your own shop, which must be stopped and is replaced
 * npm run restore -- FILE --demo    into the demo
 *
 * What was there before is kept beside it as NAME_before. With DATABASE_URL the backup goes into that database instead, whose
 * tables it replaces: all of them, or on a failure none.
 */
const args = process.argv.slice(2);
const given = args.find((arg) => !arg.startsWith('--'));
if (!given || !existsSync(resolve(given))) giveUp('name the backup file:  npm run restore -- FILE');
const name = args.includes('--demo') ? 'cricket_demo' : 'cricket_shop';
const givenUrl = process.env.DATABASE_URL;
const database = cluster('shop', Number(process.env.CRICKET_PG_PORT ?? 54620));
const restore = ({ target, env }, options = []) =>
  run(
    join(database.bin, 'pg_restore'),
    ['--no-owner', '--exit-on-error', '--single-transaction', ...options, '--dbname', target],
    { input: readFileSync(resolve(given)), cwd: '/', env },
  );
refuseWhatIsNoShop();
if (givenUrl) {
  restore(elsewhere(givenUrl), ['--clean', '--if-exists']);
  say('the database that DATABASE_URL names is restored');
  process.exit(0);
}
const started = database.start();
try {
  const users = database.query(`select count(*) from pg_stat_activity where datname = '${name}'`).trim();
  if (users !== '0') giveUp(`${name} is in use; stop Cricket first.`);
  const fresh = `${name}_fresh`;
  database.query(`drop database if exists ${fresh}`);
  database.ensureDatabase(fresh);
  restore(database.named(fresh));
  // Only a restore that went through takes the old one's place.
  const there = database.query(`select 1 from pg_database where datname = '${name}'`).trim() === '1';
  if (there) {
    database.query(`drop database if exists ${name}_before`);
    database.query(`alter database ${name} rename to ${name}_before`);
  }
  database.query(`alter database ${fresh} rename to ${name}`);
  say(`${name} is restored${there ? `; what was there is in ${name}_before` : ''}`);
} finally {
  if (started) database.stop();
}

/** An empty, cut or foreign file is refused before anything is moved. */
function refuseWhatIsNoShop() {
  let list;
  try {
    list = run(join(database.bin, 'pg_restore'), ['--list', resolve(given)], { cwd: '/' });
  } catch (error) {
    giveUp(`${given} is no whole backup:\n${String(error.message).split('\n').slice(0, 3).join('\n')}`);
  }
  for (const table of ['bike', 'reading', 'journal']) {
    if (!new RegExp(`TABLE DATA public ${table} `).test(list))
      giveUp(`${given} is no backup of a shop: it has no table ${table}.`);
  }
}
