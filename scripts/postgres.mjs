import { cluster } from './lib/postgres.mjs';
import { giveUp } from './lib/say.mjs';

/**
 * node scripts/postgres.mjs KIND PORT start|kill|stop     for tests that take the database away
 */
const [kind, port, action] = process.argv.slice(2);
const database = cluster(kind, Number(port));
if (action === 'start') {
  database.start();
  process.stdout.write(`${database.url('postgres')}\n`);
} else if (action === 'kill') process.kill(database.pid(), 'SIGKILL');
else if (action === 'stop') database.stop();
else giveUp(`no such action: ${action}`);
