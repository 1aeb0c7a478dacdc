import { ensurePackages } from './lib/packages.mjs';

/** Builds client and server, each only when its sources have changed since the last time. */
await ensurePackages();
const { build } = await import('./lib/build.mjs');
await build();
