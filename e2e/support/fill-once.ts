import { filledShop, OwnShop } from './own-shop';

/** Fills the demo once for the whole run, and has its list worked out: each test's own shop is a copy of it. */
export default async function fillOnce(): Promise<() => Promise<void>> {
  const shop = new OwnShop();
  await shop.open();
  const signedIn = await fetch(`${shop.url}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ role: 'owner' }),
  });
  const cookie = signedIn.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
  const list = await fetch(`${shop.url}/api/bikes`, { headers: { cookie } });
  if (!list.ok) throw new Error(`the list of the demo shop answers ${list.status}`);
  await shop.stop('SIGTERM');
  process.env[filledShop] = shop.database;
  return () => shop.close();
}
