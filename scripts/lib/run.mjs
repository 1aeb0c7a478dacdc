import { spawn, spawnSync } from 'node:child_process';

/** Runs a command to its end and gives back what it printed; throws with its output when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { encoding: 'utf8', maxBuffer: 64 * 1024 * 1024, ...options });
  if (result.error) throw result.error;
  if (result.status !== 0) {
    throw new Error(`${command} ${args.join(' ')} ended with ${result.status}\n${result.stdout}${result.stderr}`);
  }
  return result.stdout;
}

/** Whether a command ends well. */
export function succeeds(command, args, options = {}) {
  const result = spawnSync(command, args, { stdio: 'ignore', ...options });
  return !result.error && result.status === 0;
}

/** Runs a command with its output on the screen; resolves with its exit code. */
export function runShown(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options });
    child.once('error', reject);
    child.once('exit', (code, signal) => resolve(signal ? 1 : code));
  });
}
