import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';

import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { runShown } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** All checks and tests; installs what is missing. Ends with one line: N passed, N failed. */
// Debian's packages come beside npm's, which wait for the network and the disk half of their time.
const [debian] = await Promise.all([
  runShown(process.execPath, ['scripts/debian-programs.mjs'], { cwd: root }),
  ensurePackages(),
]);
if (debian !== 0) process.exit(1);
const { cluster } = await import('./lib/postgres.mjs');

const reports = join(root, '.cache', 'reports');
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

const database = cluster('test', Number(process.env.CRICKET_TEST_PG_PORT ?? 54621));
const startedHere = database.start();
const env = { ...process.env, TEST_DATABASE_URL: database.url('postgres'), CI: '1' };
const totals = { passed: 0, failed: 0 };

try {
  // Two cores, each with the next that is left, the longest first. The browser then has both for itself.
  const left = [
    () => count('server', () => jest('server')),
    () => count('core, 3 of 3', () => jest('core', '3/3')),
    built,
    () => count('client', () => jest('client')),
    () => count('core, 2 of 3', () => jest('core', '2/3')),
    () => count('checks', checks),
    () => count('core, 1 of 3', () => jest('core', '1/3')),
    () => count('words', () => jest('words')),
  ];
  const onOneCore = async () => {
    for (let next = left.shift(); next; next = left.shift()) await next();
  };
  await Promise.all([onOneCore(), onOneCore()]);
  await count('browser', browser);
} finally {
  if (startedHere) database.stop();
}
process.stdout.write(`${totals.passed} passed, ${totals.failed} failed\n`);
process.exit(totals.failed === 0 ? 0 : 1);

async function checks() {
  const code = await runShown(process.execPath, ['scripts/check.mjs'], { cwd: root, env });
  return { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
}

/** In a process of its own: the other core goes on meanwhile. */
async function built() {
  const code = await runShown(process.execPath, ['scripts/build.mjs'], { cwd: root, env });
  if (code !== 0) throw new Error('the build failed');
}

async function count(name, run) {
  say(`testing: ${name}`);
  const { passed, failed } = await run();
  totals.passed += passed;
  totals.failed += failed;
  say(`${name}: ${passed} passed, ${failed} failed`);
}

async function jest(workspace, shard) {
  const outputFile = join(reports, `${workspace}${shard ? `-${shard[0]}` : ''}.json`);
  const code = await runShown(
    'npx',
    [
      '--no-install',
      'jest',
      '--maxWorkers=1',
      '--json',
      `--outputFile=${outputFile}`,
      ...(shard ? [`--shard=${shard}`] : []),
    ],
    {
      cwd: join(root, workspace),
      env,
      // The report goes to the file; what is printed for people goes to the error stream.
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  );
  if (!existsSync(outputFile)) return { passed: 0, failed: 1 };
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(outputFile, 'utf8'));
  const failed = numFailedTests + numRuntimeErrorTestSuites;
  return { passed: numPassedTests, failed: code === 0 ? failed : Math.max(1, failed) };
}

async function browser() {
  const code = await runShown('npx', ['--no-install', 'playwright', 'test'], {
    cwd: join(root, 'e2e'),
    env,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  const report = join(root, 'e2e', 'test-results', 'report.json');
  if (!existsSync(report)) return { passed: 0, failed: 1 };
  const { expected, unexpected, flaky } = JSON.parse(readFileSync(report, 'utf8')).stats;
  if (flaky > 0) say(`browser: ${flaky} passed at the second try only`);
  const failed = unexpected;
  return { passed: expected + flaky, failed: code === 0 ? failed : Math.max(1, failed) };
}
