import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

import { lockObjections, type LockedPackage } from './lock-audit.testing';

const file = fileURLToPath(new URL('../../package-lock.json', import.meta.url));
const { packages } = JSON.parse(readFileSync(file, 'utf8')) as { packages: Record<string, LockedPackage> };

/** Both bring their own program for this machine; neither runs on the server. */
const mayInstall = new Set(['@swc/core', 'esbuild']);

describe('the packages that the lock file names', () => {
  it('are pinned, held by their digest, from a registry, and run nothing when they are installed', () => {
    expect(Object.keys(packages).length).toBeGreaterThan(1000);
    expect(lockObjections(packages, mayInstall)).toEqual([]);
  });

  it.each<[string, LockedPackage, string]>([
    ['without a digest', { version: '1.0.0' }, 'not held by a SHA-512'],
    ['with a weak digest', { version: '1.0.0', integrity: 'sha1-abc' }, 'not held by a SHA-512'],
    ['without an exact version', { integrity: 'sha512-abc' }, 'no exact version'],
    [
      'from a repository',
      { version: '1.0.0', integrity: 'sha512-abc', resolved: 'git+ssh://git@example.org/one.git#abc' },
      'does not come from a registry',
    ],
    [
      'with a script of its own',
      { version: '1.0.0', integrity: 'sha512-abc', hasInstallScript: true },
      'runs a script when it is installed',
    ],
    ['that was given up', { version: '1.0.0', integrity: 'sha512-abc', deprecated: 'use two' }, 'given up: use two'],
  ])('would be objected to %s', (_, entry, objection) => {
    const folder = 'client/node_modules/one';
    expect(lockObjections({ [folder]: entry }, mayInstall)).toEqual([`${folder}: ${objection}`]);
  });

  it('may be links to this project’s own, and the two that may run a script', () => {
    const own = { 'node_modules/@cricket/core': { link: true } };
    const swc = { 'node_modules/@swc/core': { version: '1.0.0', integrity: 'sha512-abc', hasInstallScript: true } };
    expect(lockObjections({ ...own, ...swc }, mayInstall)).toEqual([]);
  });
});
