import { join } from 'node:path';

import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { runShown } from './lib/run.mjs';

/** Prints the figures of docs/performance.md anew. */
await ensurePackages();
const { ensureChromium } = await import('./lib/debian.mjs');
const { build } = await import('./lib/build.mjs');
ensureChromium();
await build();
const { cluster } = await import('./lib/postgres.mjs');
const database = cluster('test', Number(process.env.CRICKET_TEST_PG_PORT ?? 54621));
const started = database.start();
let failed = 0;
for (const name of [
  'axle-stack',
  'fit',
  'layout',
  'ways',
  'first-load',
  'slow-phone',
  'drag',
  'many-bikes',
  'wire',
  'kills',
]) {
  failed = await runShown(
    'npx',
    ['--no-install', 'tsx', '--tsconfig', join('bench', 'tsconfig.json'), join('bench', `${name}.ts`)],
    {
      cwd: root,
      env: { ...process.env, TEST_DATABASE_URL: database.url('postgres') },
    },
  );
  if (failed !== 0) break;
}
if (failed === 0) {
  // Any request to any route: as the test does, ten times as many.
  failed = await runShown('npx', ['--no-install', 'jest', 'hostile'], {
    cwd: join(root, 'server'),
    env: { ...process.env, TEST_DATABASE_URL: database.url('postgres'), CRICKET_HOSTILE_RUNS: '20000' },
  });
}
if (started) database.stop();
process.exit(failed);
