import { filledShop, OwnShop } from './own-shop';

/** Fills the demo once for the whole run: each test's own shop is a copy of it. */
export default async function fillOnce(): Promise<() => Promise<void>> {
  const shop = new OwnShop();
  await shop.open();
  await shop.stop('SIGTERM');
  process.env[filledShop] = shop.database;
  return () => shop.close();
}
