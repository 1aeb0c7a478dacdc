import { join } from 'node:path';

import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { runShown } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** Everything that is wrong without running anything: types, lint, layers, format. */
await ensurePackages();
const bin = (name) => join(root, 'node_modules', '.bin', name);
// Two packages bring a `tsc`: whose of the two stands under that name is chance. This is the fast one.
const tsc = join(root, 'node_modules', 'typescript-7', 'bin', 'tsc');
const checks = [
  ...['core', 'words', 'contract', 'server', 'client', 'e2e', 'bench'].map((name) => [
    `types: ${name}`,
    [tsc, '-p', name],
  ]),
  ['lint', [bin('oxlint'), '--type-aware', '--report-unused-disable-directives-severity', 'error', '.']],
  [
    'layers',
    [
      bin('depcruise'),
      '--config',
      '.dependency-cruiser.cjs',
      'core',
      'words',
      'contract',
      'server',
      'client/src',
      'client/app',
      'client/service-worker',
      'bench',
    ],
  ],
  [
    'folders',
    [
      bin('depcruise'),
      '--config',
      '.dependency-cruiser.folders.cjs',
      ...['core', 'words', 'contract', 'server', 'client'].map((name) => `${name}/src`),
    ],
  ],
  ['format', [bin('oxfmt'), '--check', '.']],
];
let failed = 0;
for (const [name, [command, ...given]] of checks) {
  say(name);
  const code = await runShown(command, given, { cwd: root });
  if (code !== 0) failed += 1;
}
say(failed === 0 ? 'all checks hold' : `${failed} of ${checks.length} checks do not hold`);
process.exit(failed === 0 ? 0 : 1);
