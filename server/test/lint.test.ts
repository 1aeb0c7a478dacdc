import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

import { root, scratchCopy, type ScratchCopy } from './scratch-copy.testing';

/** For each rule that we count on a file that breaks it. */
const breaches: Record<string, [file: string, text: string]> = {
  'typescript(no-floating-promises)': [
    'server/src/a.ts',
    'async function f() {}\nexport const g = () => {\n  f();\n};',
  ],
  'typescript(no-misused-promises)': [
    'contract/src/a.ts',
    'async function f() {\n  return true;\n}\nexport const g = () => {\n  if (f()) return 1;\n  return 2;\n};',
  ],
  'typescript(switch-exhaustiveness-check)': [
    'core/src/a.ts',
    "export function f(side: 'left' | 'right'): number {\n  switch (side) {\n    case 'left':\n      return 1;\n  }\n  return 2;\n}",
  ],
  'eslint(no-unused-vars)': ['words/src/a.ts', 'export function f(): void {\n  const g = 1;\n}'],
  'eslint(no-console)': ['bench/a.ts', "console.log('here');"],
  'typescript(no-explicit-any)': ['core/src/any.ts', 'export type A = any;'],
  'eslint(no-restricted-globals)': ['core/src/b.ts', 'export const f = () => process.uptime();'],
  'eslint(no-restricted-properties)': ['core/src/c.ts', 'export const f = () => Date.now() + Math.random();'],
  'house(time-is-given)': ['core/src/d.ts', 'export const f = () => new Date();'],
  'house(words-in-catalogues)': [
    'client/src/a.tsx',
    'export const A = () => <i aria-label="what it measures">two words</i>;',
  ],
  'react-hooks(rules-of-hooks)': [
    'client/src/b.tsx',
    "import { useState } from 'react';\nexport function B({ on }: { on: boolean }) {\n  if (on) useState(1);\n  return null;\n}",
  ],
  'react-hooks(exhaustive-deps)': [
    'client/src/c.tsx',
    "import { useMemo } from 'react';\nexport function C({ many }: { many: number }) {\n  return useMemo(() => many * 2, []);\n}",
  ],
};

/** What is no breach, though it looks like one. */
const allowed: Record<string, string> = {
  'core/src/e.ts': 'export const f = (at: string) => new Date(at);',
  'core/src/f.test.ts': 'export const f = () => Date.now();',
  'client/src/d.test.tsx': 'export const D = () => <i>two words</i>;',
  'server/src/b.ts': 'export const f = (): number => Date.now();',
};

let scratch: ScratchCopy;
let found: { code: string; filename: string }[];

beforeAll(() => {
  scratch = scratchCopy(['.oxlintrc.json', 'tsconfig.base.json', 'scripts/lint']);
  scratch.write('tsconfig.json', '{ "extends": "./tsconfig.base.json", "compilerOptions": { "jsx": "react-jsx" } }\n');
  for (const [file, text] of [...Object.values(breaches), ...Object.entries(allowed)]) scratch.write(file, `${text}\n`);
  const { stdout } = spawnSync(join(root, 'node_modules/.bin/oxlint'), ['--type-aware', '--format', 'json', '.'], {
    cwd: scratch.path,
    encoding: 'utf8',
  });
  if (!stdout.startsWith('{')) throw new Error(stdout.slice(0, 500));
  found = (JSON.parse(stdout) as { diagnostics: typeof found }).diagnostics;
}, 60_000);
afterAll(() => scratch.remove());

it.each(Object.entries(breaches))('%s is caught', (rule, [file]) => {
  expect(found.filter(({ filename }) => filename === file).map(({ code }) => code)).toContain(rule);
});

it('words in a mark and in what is read aloud are caught each', () => {
  expect(found.filter(({ code }) => code === 'house(words-in-catalogues)')).toHaveLength(2);
});

it('what only looks like a breach is none', () => {
  expect(found.filter(({ filename }) => filename in allowed)).toEqual([]);
});
