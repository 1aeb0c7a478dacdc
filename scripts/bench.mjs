import { join } from 'node:path';

import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { runShown } from './lib/run.mjs';

/** Prints the figures of docs/performance.md anew. */
await ensurePackages();
const { ensureChromium } = await import('./lib/debian.mjs');
const { build } = await import('./lib/build.mjs');
ensureChromium();
build();
for (const name of ['axle-stack', 'first-load']) {
  const code = await runShown('npx', ['--no-install', 'tsx', join('bench', `${name}.ts`)], { cwd: root });
  if (code !== 0) process.exit(code);
}
