/** How the server is set up; everything comes from the environment and has a safe default. */
export interface Config {
  host: string;
  port: number;
  databaseUrl: string;
  /** Folder with the exported client; null serves the API alone. */
  clientDir: string | null;
  /** Fills an empty database with the demo shop. */
  demo: boolean;
  shopName: string;
  logLevel: string;
  bodyLimitBytes: number;
  /** The session's cookie goes over an encrypted connection only. */
  secureCookies: boolean;
  /** Names under which this shop is reached besides this machine's own. */
  publicHosts: readonly string[];
  /** A proxy of our own stands in front and says where a request comes from. */
  trustProxy: boolean;
}

const loopback = new Set(['127.0.0.1', '::1', 'localhost']);

/** Whether an address is this machine's own. */
export function isLoopback(host: string): boolean {
  return loopback.has(host);
}

/**
 * Reads the configuration.
 *
 * @throws Error naming the variable, its value and what is allowed
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const host = env['HOST'] ?? '127.0.0.1';
  const demo = env['DEMO'] === '1';
  if (!isLoopback(host) && demo) {
    throw new Error(`HOST is ${host}; the demo shop lets anyone in and answers to a loopback address only`);
  }
  return {
    host,
    port: wholeNumber(env, 'PORT', 4620, 0, 65_535),
    databaseUrl: env['DATABASE_URL'] ?? 'postgres://cricket@127.0.0.1:54620/cricket_demo',
    clientDir: env['CLIENT_DIR'] ?? null,
    demo,
    shopName: env['SHOP_NAME'] ?? (demo ? 'Tidewater Row Cycle Works' : 'My workshop'),
    logLevel: env['LOG_LEVEL'] ?? 'info',
    bodyLimitBytes: wholeNumber(env, 'BODY_LIMIT_BYTES', 256 * 1024, 1024, 64 * 1024 * 1024),
    secureCookies: env['SECURE_COOKIES'] === '1',
    publicHosts: (env['PUBLIC_HOST'] ?? '')
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
    trustProxy: env['TRUST_PROXY'] === '1',
  };
}

function wholeNumber(env: NodeJS.ProcessEnv, name: string, fallback: number, min: number, max: number): number {
  const given = env[name];
  if (given === undefined || given === '') return fallback;
  const value = Number(given);
  if (!Number.isInteger(value) || value < min || value > max) {
    throw new Error(`${name} is ${given}; it must be a whole number from ${min} to ${max}`);
  }
  return value;
}
