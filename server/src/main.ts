import { serve } from '@hono/node-server';
import { pino } from 'pino';

import { createApp } from './app';
import { readConfig } from './config';
import { createDataSource } from './data/data-source';
import { isUnavailable } from './http/on-error';
import { fillDemo } from './demo/fill-demo';

const config = readConfig(process.env);
const log = pino({ level: config.logLevel, base: { name: 'cricket' } });
const dataSource = createDataSource(config.databaseUrl);

await connect();
await dataSource.runMigrations();
if (config.demo) await fillDemo(dataSource, { renew: process.argv.includes('--reset-demo') });
const server = serve(
  { fetch: createApp(config, dataSource, log).fetch, hostname: config.host, port: config.port },
  ({ port }) => log.info({ address: `http://${config.host}:${port}` }, 'listening'),
);
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, stop);

/** Waits for the database for half a minute: it may still be starting. */
async function connect(): Promise<void> {
  for (let attempt = 1; ; attempt++) {
    try {
      await dataSource.initialize();
      return;
    } catch (error) {
      if (attempt === 60 || !isUnavailable(error)) throw error;
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
  }
}

/** Lets running requests end, then closes the database. */
function stop(): void {
  log.info('stopping');
  server.close(() => {
    void dataSource.destroy().then(() => process.exit(0));
  });
  // Kept-alive connections without a request would hold the close up.
  if ('closeIdleConnections' in server) server.closeIdleConnections();
  setTimeout(() => process.exit(0), 5000).unref();
}
