import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

import { partFor, parts } from './parts.cjs';

const packages = join(__dirname, '..', '..', 'node_modules');

describe('what stands in for parts of packages', () => {
  it('stands in for files that are there: a package that moves them would bring everything again', () => {
    for (const taken of Object.keys(parts)) expect([taken, existsSync(join(packages, taken))]).toEqual([taken, true]);
  });

  it('is there itself, and every stand-in is asked for', () => {
    const there = readdirSync(__dirname).filter((name) => name.endsWith('.js'));
    expect([...new Set(Object.values(parts))].sort()).toEqual(there.sort());
  });

  it('is taken for that file alone', () => {
    const within = (path: string) => join(packages, path);
    expect(partFor(within('class-validator/cjs/index.js'))).toBe(join(__dirname, 'validator.js'));
    expect(partFor(within('class-validator/cjs/container.js'))).toBe(within('class-validator/cjs/container.js'));
    expect(partFor('/work/src/class-validator/cjs/index.js')).toBe('/work/src/class-validator/cjs/index.js');
  });

  it('gives of class-validator all that the contracts use, and the very same', () => {
    const shipped = jest.requireActual<Record<string, unknown>>('./validator.js');
    const whole = jest.requireActual<Record<string, unknown>>('class-validator');
    expect(used()).toContain('registerDecorator');
    for (const name of used()) expect(shipped[name]).toBe(whole[name]);
  });
});

/** Names that the contracts take from the package. */
function used(): string[] {
  const contracts = join(__dirname, '..', '..', 'core', 'src', 'input');
  const sources = readdirSync(contracts).filter((name) => !name.includes('.test.'));
  return sources.flatMap((name) => {
    const taken = /import \{([^}]*)\} from 'class-validator'/.exec(readFileSync(join(contracts, name), 'utf8'));
    return taken ? taken[1]!.split(',').map((part) => part.trim()) : [];
  });
}
