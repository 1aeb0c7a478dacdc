import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { loggedMinutes } from '../data/logged-minutes';

/** The shop's own minutes, for everything that reckons with hours. */
export function steps(dataSource: DataSource): Hono {
  const app = new Hono();

  app.get('/minutes', async (c) => c.json(await loggedMinutes(dataSource)));

  return app;
}
