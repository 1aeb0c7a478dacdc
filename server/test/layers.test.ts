import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const root = join(__dirname, '../..');

/** One file for each rule of the layers, which breaks it, and what it reaches for. */
const breaches: Record<string, [file: string, reaches: string]> = {
  'core-stands-alone': ['core/src/a.ts', 'server/src/b'],
  'contract-knows-core-only': ['contract/src/a.ts', 'client/src/ui/b'],
  'calc-is-core': ['core/calc/a.ts', 'server/src/b'],
  'ui-knows-no-feature': ['client/src/ui/a.ts', 'client/src/fit/b'],
  'data-knows-no-feature': ['client/src/data/a.ts', 'client/src/fit/b'],
  'bench-runs-what-is-built': ['bench/a.ts', 'client/src/fit/b'],
  'server-not-sideways': ['server/src/a.ts', 'bench/b'],
  'client-not-sideways': ['client/src/lock/a.ts', 'server/src/b'],
  'drawings-compute-nothing': ['client/src/drawing/a.ts', 'client/src/fit/b'],
  'pages-from-routes-only': ['client/src/match/a.ts', 'client/app/b'],
  'no-circles': ['core/src/c.ts', 'core/src/d'],
  'no-missing': ['core/src/e.ts', 'core/src/nowhere'],
};

let scratch: string;
beforeAll(() => {
  scratch = mkdtempSync(join(tmpdir(), 'cricket-layers-'));
  for (const name of [
    '.dependency-cruiser.cjs',
    '.dependency-cruiser.folders.cjs',
    'tsconfig.base.json',
    'package.json',
  ]) {
    cpSync(join(root, name), join(scratch, name));
  }
  symlinkSync(join(root, 'node_modules'), join(scratch, 'node_modules'));
});
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

const write = (file: string, text: string) => {
  mkdirSync(dirname(join(scratch, file)), { recursive: true });
  writeFileSync(join(scratch, file), text);
};

/** What stands against a scratch copy. */
function cruised(config: string, folders: readonly string[]): { from: string; rule: { name: string } }[] {
  const { stdout } = spawnSync(
    process.execPath,
    [
      join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
      ...['--config', config, '--output-type', 'json'],
      ...folders,
    ],
    { cwd: scratch, encoding: 'utf8' },
  );
  return (JSON.parse(stdout) as { summary: { violations: { from: string; rule: { name: string } }[] } }).summary
    .violations;
}

it('each rule of the layers is caught where it is broken', () => {
  for (const [file, reaches] of Object.values(breaches)) {
    const up = '../'.repeat(file.split('/').length - 1);
    write(file, `import { value } from '${up}${reaches}';\nexport const here = value;\n`);
    if (!reaches.endsWith('nowhere')) write(`${reaches}.ts`, 'export const value = 1;\n');
  }
  // The way back, which makes a circle.
  write('core/src/d.ts', "import { here } from './c';\nexport const value = here;\n");
  // A type is an arrow, too.
  write('core/src/f.ts', "import type { value } from '../../server/src/b';\nexport type F = typeof value;\n");
  const violations = cruised('.dependency-cruiser.cjs', ['core', 'contract', 'server', 'client', 'bench']);
  for (const [rule, [file]] of Object.entries(breaches)) {
    const at = violations.filter((violation) => violation.rule.name === rule).map(({ from }) => from);
    expect([rule, at.includes(file)]).toEqual([rule, true]);
  }
  expect(violations.some(({ from, rule }) => from === 'core/src/f.ts' && rule.name === 'core-stands-alone')).toBe(true);
}, 60_000);

it('two folders that reach into each other are caught, though no file reaches itself; tests may', () => {
  write('server/src/one/a.ts', "import { b } from '../two/b';\nexport const a = b;\n");
  write('server/src/two/b.ts', 'export const b = 1;\n');
  write('server/src/two/c.test.ts', "import { a } from '../one/a';\nexport const c = a;\n");
  const found = () => cruised('.dependency-cruiser.folders.cjs', ['server/src']).map(({ from }) => from);
  expect(found()).toEqual([]);
  write('server/src/two/d.ts', "import { a } from '../one/a';\nexport const d = a;\n");
  expect(found().sort()).toEqual(['server/src/one', 'server/src/two']);
}, 60_000);

it('every rule has its breach here', () => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  const { forbidden } = require(join(root, '.dependency-cruiser.cjs')) as { forbidden: { name: string }[] };
  expect(forbidden.map(({ name }) => name).sort()).toEqual(Object.keys(breaches).sort());
});
