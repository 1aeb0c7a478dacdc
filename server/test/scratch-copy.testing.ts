import { cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

/** Where the project lies. */
export const root = join(__dirname, '../..');

/** A folder with copies of some of the project's files, in which a test breaks whatever it likes. */
export interface ScratchCopy {
  path: string;
  write(file: string, text: string): void;
  remove(): void;
}

/** @param names - what is copied from the project, as files or folders */
export function scratchCopy(names: readonly string[]): ScratchCopy {
  const path = mkdtempSync(join(tmpdir(), 'cricket-scratch-'));
  for (const name of names) cpSync(join(root, name), join(path, name), { recursive: true });
  return {
    path,
    write(file, text) {
      mkdirSync(dirname(join(path, file)), { recursive: true });
      writeFileSync(join(path, file), text);
    },
    remove: () => rmSync(path, { recursive: true, force: true }),
  };
}
