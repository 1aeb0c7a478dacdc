import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
let built = false;

/** A server as it runs in a shop: a process of its own, from what was built. */
export interface ServerProcess {
  child: ChildProcess;
  address: string;
  /** Ends it, by default as hard as a power cut. */
  stop: (signal?: NodeJS.Signals) => Promise<void>;
}

/** Builds the server if its source has changed, and starts it over a database. */
export async function startServer(databaseUrl: string, env: NodeJS.ProcessEnv = {}): Promise<ServerProcess> {
  if (!built) execFileSync(process.execPath, ['scripts/build.mjs', '--server'], { cwd: root, stdio: 'ignore' });
  built = true;
  const memory = JSON.parse(readFileSync(join(root, 'server/memory.json'), 'utf8')) as NodeJS.ProcessEnv;
  const child = spawn(process.execPath, ['server/dist/main.mjs'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...memory, ...process.env, PORT: '0', DEMO: '0', DATABASE_URL: databaseUrl, LOG_LEVEL: 'info', ...env },
  });
  const address = await new Promise<string>((resolve, reject) => {
    child.stdout!.on('data', (chunk) => {
      const listening = /"address":"([^"]+)"/.exec(String(chunk));
      if (listening) resolve(listening[1]!);
    });
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  const stop = async (signal: NodeJS.Signals = 'SIGKILL') => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    const ended = once(child, 'exit');
    child.kill(signal);
    await ended;
  };
  return { child, address, stop };
}

/** The cookie of a new shop's owner. */
export async function firstOwner(address: string): Promise<string> {
  const response = await fetch(`${address}/api/session/first-owner`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Hand', password: 'long enough to keep' }),
  });
  return response.headers.getSetCookie()[0]!.split(';')[0]!;
}
