import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { runShown } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** Everything that is wrong without running anything: types, lint, layers, format. */
await ensurePackages();
const checks = [
  ...['core', 'words', 'contract', 'server', 'client', 'e2e', 'bench'].map((name) => [
    `types: ${name}`,
    ['tsc', '-p', name],
  ]),
  ['lint', ['eslint', '.', '--max-warnings', '0']],
  [
    'layers',
    [
      'depcruise',
      '--config',
      '.dependency-cruiser.cjs',
      'core',
      'words',
      'contract',
      'server',
      'client/src',
      'client/app',
      'bench',
    ],
  ],
  [
    'folders',
    [
      'depcruise',
      '--config',
      '.dependency-cruiser.folders.cjs',
      ...['core', 'words', 'contract', 'server', 'client'].map((name) => `${name}/src`),
    ],
  ],
  ['format', ['prettier', '--check', '.', '--log-level', 'warn']],
];
let failed = 0;
for (const [name, command] of checks) {
  say(name);
  const code = await runShown('npx', ['--no-install', ...command], { cwd: root });
  if (code !== 0) failed += 1;
}
say(failed === 0 ? 'all checks hold' : `${failed} of ${checks.length} checks do not hold`);
process.exit(failed === 0 ? 0 : 1);
