import { serve } from '@hono/node-server';
import { pino } from 'pino';

import { createApp } from './app';
import { isLoopback, readConfig } from './config';
import { ChangeFeed } from './data/change-feed';
import { createDataSource } from './data/data-source';
import { PersonEntity } from './data/entities/person';
import { migrate } from './data/migrate';
import { isUnavailable } from './http/on-error';
import { inPlace } from './heavy/heavy';
import { inThreads } from './heavy/in-threads';
import { fillDemo } from './demo/fill-demo';
import { errorForLog } from './problem/error-for-log';
import { Summaries } from './summaries/summaries';
import { SummaryQueue } from './summaries/summary-queue';

/** Put in when the program is built: names what it was built from. */
declare const PROGRAM: string | undefined;
const built = typeof PROGRAM === 'string' ? PROGRAM : undefined;

const config = readConfig(process.env);
const log = pino({ level: config.logLevel, base: { name: 'cricket' } });
const dataSource = createDataSource(config.databaseUrl);
const feed = new ChangeFeed(config.databaseUrl, log);
// From source, as while it is worked on, there is no file for a thread.
const thread = (name: string) => new URL(`./${name}.mjs`, import.meta.url);
const heavy = import.meta.url.endsWith('.ts')
  ? inPlace
  : inThreads({ sheets: thread('worker'), summaries: thread('summary-worker') }, log);

await connect();
await migrate(dataSource);
if (config.demo) await fillDemo(dataSource, { renew: process.argv.includes('--reset-demo') });
await refuseOpenDoors();
const summaries = new Summaries(dataSource, heavy, built);
const queue = new SummaryQueue(config.databaseUrl, summaries, feed, log);
await startQueue();
const server = serve(
  { fetch: createApp(config, dataSource, log, heavy, feed, summaries).fetch, hostname: config.host, port: config.port },
  ({ port }) => log.info({ address: `http://${config.host}:${port}` }, 'listening'),
);
// Longer than a proxy or a phone keeps a connection: else a request now and then meets one that is just being closed.
if ('keepAliveTimeout' in server) server.keepAliveTimeout = 65_000;
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

/** Without its queue the server works the list out when it is asked for: no reason to stay away. */
async function startQueue(): Promise<void> {
  try {
    await queue.start();
  } catch (error) {
    log.error(errorForLog(error), 'there is no queue of summaries');
  }
}

/** Without an owner who can sign in, whoever came first over the network would own the shop. */
async function refuseOpenDoors(): Promise<void> {
  if (isLoopback(config.host)) return;
  const owners = await dataSource.manager.findBy(PersonEntity, { role: 'owner', active: true });
  if (owners.some(({ passwordHash }) => passwordHash !== null)) return;
  throw new Error(
    `HOST is ${config.host}; set up an owner with a password on a loopback address first, then open it to the network`,
  );
}

/** Lets running requests end, then closes the database. */
function stop(): void {
  log.info('stopping');
  // Streams of changes would hold the close up.
  void feed.close();
  server.close(() => {
    void Promise.allSettled([queue.stop()])
      .then(() => dataSource.destroy())
      .then(() => process.exit(0));
  });
  // Kept-alive connections without a request would hold the close up, also those whose stream has just ended.
  const closeIdle = () => 'closeIdleConnections' in server && server.closeIdleConnections();
  closeIdle();
  setInterval(closeIdle, 20).unref();
  setTimeout(() => process.exit(0), 5000).unref();
}
