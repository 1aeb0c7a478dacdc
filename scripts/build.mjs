import { ensurePackages } from './lib/packages.mjs';

/**
 * node scripts/build.mjs             client and server
 * node scripts/build.mjs --server    the server alone
 */
await ensurePackages();
const { build, buildServerOnly } = await import('./lib/build.mjs');
await (process.argv.includes('--server') ? buildServerOnly() : build());
