import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';

import { root } from './root.mjs';
import { runShown } from './run.mjs';
import { giveUp, say } from './say.mjs';

/** Installs the npm packages when the lock file has changed since the last time. */
export async function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const mark = join(root, 'node_modules', '.cricket-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  say('installing packages (a minute or two)');
  const code = await runShown('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: root });
  if (code !== 0) giveUp('npm ci failed; see above.');
  writeFileSync(mark, lock);
}
