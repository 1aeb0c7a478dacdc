import { createHash } from 'node:crypto';
import { chownSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

import { ensurePostgres } from './debian.mjs';
import { root } from './root.mjs';
import { run, succeeds } from './run.mjs';
import { giveUp, say } from './say.mjs';

const isRoot = process.getuid?.() === 0;

/**
 * A PostgreSQL cluster of ours on loopback.
 *
 * `kind` is `shop` (safe settings, kept) or `test` (fast and forgetful: never for real data).
 */
export function cluster(kind, port) {
  const bin = ensurePostgres();
  const data = dataFolder(kind);
  const on = { host: '127.0.0.1', port };
  const at = ['-h', on.host, '-p', String(port), '-U', 'app'];

  const asOwner = (command, args, options = {}) =>
    isRoot
      ? run('runuser', ['-u', 'postgres', '--', command, ...args], { cwd: '/', ...options })
      : run(command, args, { cwd: '/', ...options });

  const answers = () => succeeds(join(bin, 'pg_isready'), [...at, '-d', 'postgres', '-q']);

  function start() {
    if (!existsSync(join(data, 'PG_VERSION')) && !readable(data)) create();
    if (answers()) {
      refuseStranger();
      return false;
    }
    say(`starting PostgreSQL (${kind}) on 127.0.0.1:${port}`);
    const settings = [
      `-p ${port}`,
      '-c listen_addresses=127.0.0.1',
      "-c unix_socket_directories=''",
      ...(kind === 'test'
        ? ['-c fsync=off', '-c synchronous_commit=off', '-c full_page_writes=off', '-c max_connections=200']
        : []),
    ];
    const args = ['-D', data, '-l', join(data, 'server.log'), '-w', '-t', '30', '-o', settings.join(' '), 'start'];
    // After a kill the old postmaster's children may hold the data for a moment.
    for (let attempt = 1; ; attempt++) {
      try {
        asOwner(join(bin, 'pg_ctl'), args, { stdio: ['ignore', 'ignore', 'pipe'] });
        return true;
      } catch (error) {
        if (attempt === 10) giveUp(`PostgreSQL does not start on port ${port}:\n${error.message}`);
        run('sleep', ['1']);
      }
    }
  }

  function create() {
    say(`creating the database cluster (${kind})`);
    mkdirSync(data, { recursive: true });
    if (isRoot) {
      const [uid, gid] = ['-u', '-g'].map((flag) => Number(run('id', [flag, 'postgres']).trim()));
      chownSync(data, uid, gid);
    }
    // Loopback only and one user of the machine: who can reach the port owns the files anyway.
    asOwner(join(bin, 'initdb'), ['-D', data, '-U', 'app', '--auth=trust', '-E', 'UTF8', '--locale=C.UTF-8']);
  }

  function readable(folder) {
    return (
      isRoot && succeeds('runuser', ['-u', 'postgres', '--', 'test', '-f', join(folder, 'PG_VERSION')], { cwd: '/' })
    );
  }

  function refuseStranger() {
    const where = query('show data_directory').trim();
    if (where !== data)
      giveUp(`another PostgreSQL (${where}) answers on port ${port}; set CRICKET_PG_PORT to a free port.`);
  }

  function query(sql, database = 'postgres') {
    return run(join(bin, 'psql'), [...at, '-d', database, '-X', '-A', '-t', '-v', 'ON_ERROR_STOP=1', '-c', sql]);
  }

  return {
    bin,
    data,
    at,
    start,
    answers,
    query,
    /** Creates a database that is not there yet. */
    ensureDatabase(name) {
      if (query(`select 1 from pg_database where datname = '${name}'`).trim() === '1') return;
      query(`create database ${name}`);
    },
    url: (name) => `postgres://app@127.0.0.1:${port}/${name}`,
    stop() {
      if (answers()) asOwner(join(bin, 'pg_ctl'), ['-D', data, '-m', 'fast', '-w', 'stop'], { stdio: 'ignore' });
    },
    /** Process id of the running postmaster. */
    pid: () => Number(readFileSync(join(data, 'postmaster.pid'), 'utf8').split('\n')[0]),
  };
}

/** Where the cluster's files lie: in the project, or beside it when the database's user cannot reach the project. */
function dataFolder(kind) {
  const inProject = join(root, '.data', kind);
  const reachable = !isRoot || succeeds('runuser', ['-u', 'postgres', '--', 'test', '-x', root], { cwd: '/' });
  if (reachable) return inProject;
  const hash = createHash('sha256').update(root).digest('hex').slice(0, 12);
  return `/var/tmp/cricket-pg-${hash}/${kind}`;
}
