import { readdirSync, readFileSync } from 'node:fs';

import { cluster } from './lib/postgres.mjs';
import { giveUp } from './lib/say.mjs';

/**
 * node scripts/postgres.mjs KIND PORT start|kill|stop     for tests that take the database away
 */
const [kind, port, action] = process.argv.slice(2);
const database = cluster(kind, Number(port));
if (action === 'start') {
  database.start();
  database.ensureDatabase('cricket_fault');
  process.stdout.write(`${database.url('cricket_fault')}\n`);
} else if (action === 'kill') {
  const pid = database.pid();
  const children = childrenOf(pid);
  // The postmaster first, so that it cannot tidy up; its children would serve open connections for a while.
  for (const each of [pid, ...children]) process.kill(each, 'SIGKILL');
} else if (action === 'stop') database.stop();
else giveUp(`no such action: ${action}`);

/** Process ids whose parent is this one. */
function childrenOf(parent) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .filter((name) => {
      try {
        // After the name in brackets: state, then the parent.
        const stat = readFileSync(`/proc/${name}/stat`, 'utf8');
        return Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]) === parent;
      } catch {
        return false;
      }
    })
    .map(Number);
}
