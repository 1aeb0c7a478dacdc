import { spawn } from 'node:child_process';
import { join } from 'node:path';

import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { say } from './lib/say.mjs';

/** Client and server with reload: the client's own server on 8081, its /api passed on to ours on 4620. */
await ensurePackages();
const { copyFonts } = await import('./lib/build.mjs');
const { cluster } = await import('./lib/postgres.mjs');
copyFonts();
const database = cluster('shop', Number(process.env.CRICKET_PG_PORT ?? 54620));
const started = database.start();
database.ensureDatabase('cricket_demo');

const children = [
  spawn('npx', ['--no-install', 'tsx', 'watch', '--tsconfig', 'server/tsconfig.json', 'server/src/main.ts'], {
    cwd: root,
    stdio: 'inherit',
    detached: true,
    env: { ...process.env, DATABASE_URL: database.url('cricket_demo'), DEMO: '1' },
  }),
  spawn('npx', ['--no-install', 'expo', 'start', '--web', '--port', '8081'], {
    cwd: join(root, 'client'),
    stdio: 'inherit',
    detached: true,
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', BROWSER: 'none' },
  }),
];
say('client on http://127.0.0.1:8081, server on http://127.0.0.1:4620');

let stopping = false;
function stop() {
  if (stopping) return;
  stopping = true;
  for (const { pid } of children) {
    // Without a number it never began.
    if (pid === undefined) continue;
    try {
      process.kill(-pid, 'SIGTERM');
    } catch {
      // It has ended already.
    }
  }
  if (started) database.stop();
  process.exit(0);
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
for (const child of children) child.once('exit', stop);
