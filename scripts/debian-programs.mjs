import { ensureChromium, ensurePostgres } from './lib/debian.mjs';

/** What the tests need of Debian's packages: PostgreSQL, and a browser without windows. Installs what is missing. */
ensurePostgres();
ensureChromium();
