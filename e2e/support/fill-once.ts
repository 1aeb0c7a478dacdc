import { request } from '@playwright/test';

import { filledShop, OwnShop } from './own-shop';

/** Fills the demo once for the whole run, and has its list worked out: each test's own shop is a copy of it. */
export default async function fillOnce(): Promise<() => Promise<void>> {
  const shop = new OwnShop();
  await shop.open();
  const visitor = await request.newContext({ baseURL: shop.url });
  await visitor.post('/api/session/demo', { data: { role: 'owner' } });
  const list = await visitor.get('/api/bikes');
  if (!list.ok()) throw new Error(`the list of the demo shop answers ${list.status()}`);
  await visitor.dispose();
  await shop.stop('SIGTERM');
  process.env[filledShop] = shop.database;
  return () => shop.close();
}
