import { spawnSync } from 'node:child_process';
import { symlinkSync } from 'node:fs';
import { join } from 'node:path';

import { root, scratchCopy, type ScratchCopy } from './scratch-copy.testing';

/** For each row of what may be reached one file that reaches for something else. */
const breaches: Record<string, [file: string, reaches: string]> = {
  'core stands alone: nothing of the others, nothing of Node, React or the page': ['core/src/a.ts', 'server/src/b'],
  'the command, and tests, run what core works out and say it': ['core/calc/a.ts', 'server/src/b'],
  'words know what is to be said, not how it was worked out': ['words/src/a.ts', 'core/src/g'],
  'the contract knows core only': ['contract/src/a.ts', 'client/src/ui/b'],
  'the server knows no page': ['server/src/a.ts', 'bench/b'],
  'ui knows no feature': ['client/src/ui/a.ts', 'client/src/features/fit/b'],
  'data knows no feature': ['client/src/data/a.ts', 'client/src/features/fit/b'],
  'a drawing takes plain data: no queries, no routes': ['client/src/drawing/a.ts', 'client/src/features/fit/b'],
  'who is at the phone is no matter of any job': ['client/src/session/a.ts', 'client/src/job/b'],
  'what several stations show of a job knows none of them': ['client/src/job/a.ts', 'client/src/features/fit/b'],
  'no station reaches for another one': ['client/src/features/match/a.ts', 'client/src/features/fit/b'],
  'the frame knows its stations by one piece': ['client/src/frame/a.ts', 'client/src/features/fit/b'],
  'nothing of the page imports from its routes': ['client/src/a.ts', 'client/app/b'],
  'routes are thin': ['client/app/a.ts', 'core/src/g'],
  'scripts stand by themselves': ['scripts/a.ts', 'core/src/g'],
  'the bench runs what is built': ['bench/a.ts', 'client/src/features/fit/b'],
};

let scratch: ScratchCopy;
beforeAll(() => {
  scratch = scratchCopy([
    '.dependency-cruiser.cjs',
    '.dependency-cruiser.folders.cjs',
    'tsconfig.base.json',
    'package.json',
  ]);
  symlinkSync(join(root, 'node_modules'), join(scratch.path, 'node_modules'));
});
afterAll(() => scratch.remove());

/** What stands against a scratch copy. */
function cruised(config: string, folders: readonly string[]): { from: string; rule: { name: string } }[] {
  const { stdout } = spawnSync(
    process.execPath,
    [
      join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
      ...['--config', config, '--output-type', 'json'],
      ...folders,
    ],
    { cwd: scratch.path, encoding: 'utf8' },
  );
  return (JSON.parse(stdout) as { summary: { violations: { from: string; rule: { name: string } }[] } }).summary
    .violations;
}

it('what a part may not reach for is caught, part by part', () => {
  for (const [file, reaches] of Object.values(breaches)) {
    const up = '../'.repeat(file.split('/').length - 1);
    scratch.write(file, `import { value } from '${up}${reaches}';\nexport const here = value;\n`);
    scratch.write(`${reaches}.ts`, 'export const value = 1;\n');
  }
  scratch.write('client/src/features/match/own.ts', "import { here } from './a';\nexport const own = here;\n");
  // There and back, which makes a circle.
  scratch.write('core/src/c.ts', "import { value } from './d';\nexport const here = value;\n");
  scratch.write('core/src/d.ts', "import { here } from './c';\nexport const value = here;\n");
  scratch.write('core/src/f.ts', "import type { value } from '../../server/src/b';\nexport type F = typeof value;\n");
  scratch.write('core/src/e.ts', "import { value } from './nowhere';\nexport const e = value;\n");
  const violations = cruised('.dependency-cruiser.cjs', [
    'core',
    'words',
    'contract',
    'server',
    'client',
    'bench',
    'scripts',
  ]);
  const caught = (rule: string) => violations.filter((each) => each.rule.name === rule).map(({ from }) => from);
  const outside = caught('not-in-allowed');
  for (const [row, [file]] of Object.entries(breaches)) expect([row, outside.includes(file)]).toEqual([row, true]);
  // A type is an arrow, too.
  expect(outside).toContain('core/src/f.ts');
  // Of its own station a file may have everything.
  expect(outside).not.toContain('client/src/features/match/own.ts');
  // What may be reached is not caught.
  expect(outside).not.toContain('client/src/features/fit/b.ts');
  expect(caught('no-circles')).toContain('core/src/c.ts');
  expect(caught('no-missing')).toContain('core/src/e.ts');
}, 60_000);

it('two folders that reach into each other are caught, though no file reaches itself; tests may', () => {
  scratch.write('server/src/one/a.ts', "import { b } from '../two/b';\nexport const a = b;\n");
  scratch.write('server/src/two/b.ts', 'export const b = 1;\n');
  scratch.write('server/src/two/c.test.ts', "import { a } from '../one/a';\nexport const c = a;\n");
  const found = () => cruised('.dependency-cruiser.folders.cjs', ['server/src']).map(({ from }) => from);
  expect(found()).toEqual([]);
  scratch.write('server/src/two/d.ts', "import { a } from '../one/a';\nexport const d = a;\n");
  expect(found().sort()).toEqual(['server/src/one', 'server/src/two']);
}, 60_000);

it('every row has its breach here', () => {
  // oxlint-disable-next-line typescript/no-require-imports
  const { allowed } = require(join(root, '.dependency-cruiser.cjs')) as { allowed: { comment: string }[] };
  const rows = allowed.map(({ comment }) => comment).filter((comment) => comment !== 'what Node brings along');
  expect(rows.sort()).toEqual(Object.keys(breaches).sort());
});
