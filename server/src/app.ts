import { coreVersion } from '@cricket/core';
import type { Shop } from '@cricket/contract/shapes';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { requestId } from 'hono/request-id';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';

import type { Config } from './config';
import { bikes } from './http/bikes';
import { choices } from './http/choices';
import { clientFiles } from './http/client-files';
import { onError } from './http/on-error';
import { openApi } from './http/openapi';
import { originCheck } from './http/origin-check';
import { answerProblem, ProblemError } from './http/problem';
import { readings } from './http/readings';
import { requestLog } from './http/request-log';
import { securityHeaders } from './http/security-headers';
import { stacks } from './http/stacks';
import { imports } from './http/imports';
import { jobs } from './http/jobs';
import { orders } from './http/orders';
import { shopRoutes } from './http/shop';
import { stores } from './http/stores';
import { takeIn } from './http/take-in';
import { wheels } from './http/wheels';

/** Where whole lists and jobs come in as files. */
const wholeLists = /^\/api\/((stores|wheels)\/imports|jobs)\//;
const listLimitBytes = 4 * 1024 * 1024;

/** Refuses bodies over a size before anything is read of them. */
function limited(maxSize: number) {
  return bodyLimit({
    maxSize,
    onError: (c) =>
      answerProblem(c, new ProblemError(413, 'body-too-large', `The request is larger than ${maxSize} bytes.`)),
  });
}

/** The whole server as one Hono app, without a port. */
export function createApp(config: Config, dataSource: DataSource, log: Logger): Hono {
  const app = new Hono();
  const shop: Shop = { name: config.shopName, demo: config.demo, coreVersion };

  app.onError(onError(log));
  app.notFound((c) => answerProblem(c, new ProblemError(404, 'not-found', 'There is no such thing.')));
  app.use('*', requestId(), requestLog(log), securityHeaders());
  const usual = limited(config.bodyLimitBytes);
  const large = limited(Math.max(config.bodyLimitBytes, listLimitBytes));
  app.use('/api/*', originCheck(), (c, next) => (wholeLists.test(c.req.path) ? large : usual)(c, next));
  app.use('/api/*', async (c, next) => {
    await next();
    c.header('cache-control', 'no-store');
  });

  app.get('/health', (c) => c.json({ alive: true }));
  app.get('/ready', async (c) => {
    await dataSource.query('SELECT 1');
    return c.json({ ready: true });
  });
  app.get('/api/openapi.json', (c) => c.json(openApi()));
  app.route('/api/bikes', bikes(dataSource));
  app.route('/api/bikes', readings(dataSource));
  app.route('/api/bikes', choices(dataSource));
  app.route('/api/bikes', stacks(dataSource));
  app.route('/api/bikes', takeIn(dataSource));
  app.route('/api/bikes', orders(dataSource));
  app.route('/api/shop', shopRoutes(dataSource, shop));
  app.route('/api/jobs', jobs(dataSource));
  app.route('/api', imports(dataSource));
  app.route('/api/wheels', wheels(dataSource));
  app.route('/api/stores', stores(dataSource));
  app.all('/api/*', (c) => answerProblem(c, new ProblemError(404, 'not-found', 'There is no such thing.')));
  if (config.clientDir) app.route('/', clientFiles(config.clientDir));
  return app;
}
