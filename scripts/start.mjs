import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

import { root } from './lib/root.mjs';
import { giveUp, say } from './lib/say.mjs';
import { ensurePackages } from './lib/packages.mjs';

/**
 * npm start                      the demo shop
 * npm start -- --reset-demo      the same, with its data renewed
 * npm start -- --empty           your own shop, in another database
 */
const flags = new Set(process.argv.slice(2));
const known = ['--empty', '--reset-demo'];
const odd = [...flags].find((flag) => !known.includes(flag));
if (odd) giveUp(`no such option: ${odd}; there are ${known.join(' and ')}.`);
if (flags.has('--empty') && flags.has('--reset-demo')) giveUp('--reset-demo renews the demo only; leave --empty out.');

const port = Number(process.env.PORT ?? 4620);
if (!(await isFree(port)))
  giveUp(`port ${port} is taken, perhaps by a Cricket that still runs; end that, or set PORT to another.`);
await ensurePackages();
const { build } = await import('./lib/build.mjs');
await build();

const own = flags.has('--empty');
let database = null;
let databaseUrl = process.env.DATABASE_URL;
if (!databaseUrl) {
  const { cluster } = await import('./lib/postgres.mjs');
  database = cluster('shop', Number(process.env.CRICKET_PG_PORT ?? 54620));
  const started = database.start();
  const name = own ? 'cricket_shop' : 'cricket_demo';
  database.ensureDatabase(name);
  databaseUrl = database.url(name);
  if (!started) database = null;
}

const server = spawn(
  process.execPath,
  ['--enable-source-maps', join(root, 'server/dist/main.mjs'), ...(flags.has('--reset-demo') ? ['--reset-demo'] : [])],
  {
    stdio: ['ignore', 'pipe', 'inherit'],
    // A group of its own: Ctrl-C comes to us, and we end it in order.
    detached: true,
    env: {
      // What reading a picture took goes back to the machine; the C library reads these before the program runs.
      ...JSON.parse(readFileSync(join(root, 'server/memory.json'), 'utf8')),
      ...process.env,
      PORT: String(port),
      DATABASE_URL: databaseUrl,
      DEMO: own ? '0' : '1',
      CLIENT_DIR: join(root, 'client/dist'),
      NODE_ENV: 'production',
    },
  },
);
let told = false;
server.stdout.on('data', (chunk) => {
  const text = String(chunk);
  if (process.env.LOG_LEVEL) process.stdout.write(text);
  else for (const line of text.split('\n')) if (/"level":(50|60)/.test(line)) process.stderr.write(`${line}\n`);
  if (!told && text.includes('"listening"')) {
    told = true;
    say(`${own ? 'your shop' : 'the demo shop'} is on http://127.0.0.1:${port}   (Ctrl-C stops it)`);
  }
});

let stopping = false;
const stop = () => {
  if (stopping) return;
  stopping = true;
  say('stopping');
  server.kill('SIGTERM');
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
server.once('exit', (code) => {
  database?.stop();
  if (!stopping) say(`the server ended by itself (${code})`);
  process.exit(stopping ? 0 : 1);
});

/** Whether nothing listens on a port of ours yet. */
function isFree(number) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(number, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}
