import { said } from '@cricket/core/said';
import { coreVersion } from '@cricket/core';
import type { Shop } from '@cricket/contract/shapes';
import { Hono, type Context, type MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { compress } from 'hono/compress';
import { getCookie } from 'hono/cookie';
import { requestId } from 'hono/request-id';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';

import type { Config } from './config';
import { acceptances } from './http/acceptances';
import { arrangements } from './http/arrangements';
import { bikes } from './http/bikes';
import { changes } from './http/changes';
import { choices } from './http/choices';
import { clientFiles } from './http/client-files';
import { documents } from './http/documents';
import { events } from './http/events';
import { guard, sessionCookie } from './http/guard';
import { hostCheck } from './http/host-check';
import { onError } from './http/on-error';
import { openApi } from './http/openapi';
import { people } from './http/people';
import { originCheck } from './http/origin-check';
import { photos } from './http/photos';
import { answerProblem, ProblemError } from './problem/problem';
import { readings } from './http/readings';
import { requestLog } from './http/request-log';
import { securityHeaders } from './http/security-headers';
import { imports } from './http/imports';
import { jobs } from './http/jobs';
import { orders } from './http/orders';
import { session } from './http/session';
import { shopRoutes } from './http/shop';
import { steps } from './http/steps';
import { stores } from './http/stores';
import { takeIn } from './http/take-in';
import { inTurns } from './http/turns';
import { wheels } from './http/wheels';
import type { ChangeFeed } from './data/change-feed';
import { inPlace, type Heavy } from './heavy/heavy';
import { Sessions } from './people/sessions';
import { Summaries } from './summaries/summaries';

/** Where whole lists and jobs come in as files, and photos. */
const largeBodies = /^\/api\/((stores|wheels)\/imports|bikes\/[^/]+\/photos)\//;
const largeLimitBytes = 4.5 * 1024 * 1024;
/** Held to a size while they are read. */
const wholeJobs = /^\/api\/jobs\//;

/** Refuses bodies over a size before anything is read of them. */
function limited(maxSize: number): MiddlewareHandler {
  const refuse = (c: Context) =>
    answerProblem(c, new ProblemError(413, 'body-too-large', said('problem.larger', { bytes: maxSize })));
  const counted = bodyLimit({ maxSize, onError: refuse });
  return async (c, next) => {
    // What is only asked for has no body that anybody reads; of a body that says how long it is the parser takes no more.
    if (c.req.method === 'GET') return next();
    const told = c.req.header('content-length');
    if (told === undefined || c.req.header('transfer-encoding') !== undefined) return counted(c, next);
    return Number(told) <= maxSize ? next() : refuse(c);
  };
}

/**
 * The whole server as one Hono app, without a port.
 *
 * @param heavy - where work is done that takes long enough for others to notice
 * @param summaries - of the bikes in the list
 * @param feed - what any server on this database changes; without one phones are told nothing, and read again
 */
export function createApp(
  config: Config,
  dataSource: DataSource,
  log: Logger,
  heavy: Heavy = inPlace,
  feed: ChangeFeed | null = null,
  summaries: Summaries = new Summaries(dataSource, heavy),
): Hono {
  const app = new Hono();
  const sessions = new Sessions(dataSource);
  const shop: Shop = { name: config.shopName, demo: config.demo, coreVersion };

  app.onError(onError(log));
  app.notFound((c) => answerProblem(c, new ProblemError(404, 'not-found', said('problem.no-such-thing'))));
  app.use('*', requestId(), requestLog(log), securityHeaders());
  const usual = limited(config.bodyLimitBytes);
  const large = inTurns(3, limited(Math.max(config.bodyLimitBytes, largeLimitBytes)));
  const wholeJob = inTurns(1, (_, next) => next());
  app.use('*', hostCheck(config));
  app.use('/api/*', originCheck());
  // A bike with its record is mostly the same few words: a tenth goes over the stand's Wi-Fi. Pictures are packed already.
  app.use('/api/*', compress());
  app.use('/api/*', async (c, next) => {
    await next();
    // A photo never changes; what has a tag may be kept, and is asked about each time.
    const photo = c.res.headers.get('content-type') === 'image/jpeg';
    const rest = c.res.headers.has('etag') ? 'private, no-cache' : 'no-store';
    c.header('cache-control', photo ? 'private, max-age=31536000, immutable' : rest);
  });

  // Who may not come in at all is turned away before anything is read of what was sent.
  app.use('/api/*', guard(dataSource, sessions, config));
  app.use('/api/*', (c, next) =>
    (wholeJobs.test(c.req.path) ? wholeJob : largeBodies.test(c.req.path) ? large : usual)(c, next),
  );

  app.get('/health', (c) => c.json({ alive: true }));
  app.get('/ready', async (c) => {
    await dataSource.query('SELECT 1');
    return c.json({ ready: true });
  });
  app.get('/api/openapi.json', (c) => c.json(openApi()));
  app.route('/api/session', session(dataSource, sessions, config));
  app.route('/api/people', people(dataSource, sessions));
  app.route('/api/bikes', bikes(dataSource, summaries));
  app.route('/api/bikes', readings(dataSource));
  app.route('/api/bikes', choices(dataSource));
  app.route('/api/bikes', acceptances(dataSource));
  app.route('/api/bikes', arrangements(dataSource));
  app.route('/api/bikes', takeIn(dataSource));
  app.route('/api/bikes', orders(dataSource));
  app.route('/api/bikes', events(dataSource));
  app.route('/api/bikes', photos(dataSource));
  app.route('/api/bikes', documents(dataSource, shop, heavy));
  app.route('/api/changes', changes(feed, sessions, sessionCookie(config)));
  app.route('/api/steps', steps(dataSource));
  app.route('/api/shop', shopRoutes(dataSource, shop));
  app.route('/api/jobs', jobs(dataSource, heavy));
  app.route('/api', imports(dataSource));
  app.route('/api/wheels', wheels(dataSource));
  app.route('/api/stores', stores(dataSource));
  app.all('/api/*', (c) => answerProblem(c, new ProblemError(404, 'not-found', said('problem.no-such-thing'))));
  if (config.clientDir) {
    const isInside = async (c: Context) => (await sessions.find(getCookie(c, sessionCookie(config)))) !== null;
    app.route('/', clientFiles(config.clientDir, isInside));
  }
  return app;
}
