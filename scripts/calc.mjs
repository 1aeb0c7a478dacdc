import { Buffer } from 'node:buffer';
import { join } from 'node:path';

import { build } from 'esbuild';

import { root } from './lib/root.mjs';

/**
 * One calculator from the shell: `npm run -s calc -- NAME < in.json`. Core is put together in memory first: that is quicker
 * than to load it file by file, and nothing can be stale.
 */
const { outputFiles } = await build({
  absWorkingDir: root,
  entryPoints: [join('core', 'calc', 'main.ts')],
  tsconfig: join('core', 'tsconfig.json'),
  bundle: true,
  write: false,
  platform: 'node',
  format: 'esm',
  // Modules, so that only what is used of a package is taken.
  mainFields: ['module', 'main'],
  logLevel: 'error',
});
await import(`data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString('base64')}`);
