import type { Page } from '@playwright/test';

import type { OwnShop } from '../support/own-shop';
import { frontEnd, Hand } from '../support/hand';
import { Stand } from '../support/stand';
import { bakery, taken } from '../support/taken';
import { accessible, expect, measuring, piecesFetched, test } from '../support/test';

/** What was recorded of the steps, without ids and times: the same work must leave the same record. */
async function recorded(shop: OwnShop, bike: string): Promise<string[]> {
  const rows = await shop.query<{ what: string }>(
    `SELECT kind || ' ' || (data - 'minutes')::text AS what FROM job_event
     WHERE bike_id = '${bike}' AND withdrawn_at IS NULL ORDER BY at, id`,
  );
  return rows.map(({ what }) => what);
}

/** The page is held by the service worker, and everything of the app is in the browser. */
async function readyForOffline(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await piecesFetched(page);
}

/** Measures what is open at the bakery bike's front end, and takes the stack: its slots must be filed. */
async function bakeryStack(page: Page, shop: OwnShop): Promise<void> {
  const hand = new Hand(page, 'caliper');
  await page.goto(`${shop.url}/bikes/${bakery}/front/measure`);
  await hand.read('Left slot, width at the seat', '9.62');
  await hand.read('Right slot, width at the mouth', '9.66');
  await hand.read('Right slot, width in the middle', '9.62');
  await hand.read('Right slot, width at the seat', '9.6');
  for (const [how, title, value] of frontEnd.slice(frontEnd.findIndex(([, name]) => name === 'Left slot depth'))) {
    await (how === 'answer' ? hand.answer(title, value) : hand.read(title, title === 'Old axle' ? '9.5' : value));
  }
  // A hand is slower than the browser's disk: the last reading is kept before the page is left.
  await measuring(page, 'Tyre width');
  await expect(page.getByTestId('sync-strip')).toHaveCount(0);
  await page.goto(`${shop.url}/bikes/${bakery}/front/fit`);
  await expect(page.getByTestId('verdict')).toContainText('Goes after work');
  await page.getByTestId('take').click();
  await expect(page.getByText(/Taken .* by Wren/)).toBeVisible();
}

test(
  'a whole conversion of the bakery box bike, online and then without network, leaves equal records',
  { tag: '@two-servers' },
  async ({ browser, shop }, { project }) => {
    test.setTimeout(600_000);
    const context = await browser.newContext(project.use);
    const page = await context.newPage();
    await bakeryStack(page, shop);
    await taken(page, shop, bakery);
    await accessible(page);
    const steps = await new Stand(page).walk();
    expect(steps).toBeGreaterThan(75);
    await expect
      .poll(() => recorded(shop, bakery).then((rows) => rows.filter((row) => row.startsWith('step')).length))
      .toBe(steps);
    const online = await recorded(shop, bakery);
    await page.goto(`${shop.url}/bikes/${bakery}`);
    await expect(page.getByText(`${steps} steps done`)).toBeVisible();
    // The same bike again, as if nothing had been done, on a phone that loses the network after three steps.
    await shop.query(`DELETE FROM job_event WHERE bike_id = '${bakery}'`);
    await context.close();
    const second = await browser.newContext(project.use);
    const phone = await second.newPage();
    await taken(phone, shop, bakery);
    await readyForOffline(phone);
    const walker = new Stand(phone, async (_, done) => {
      if (done === 3) await second.setOffline(true);
      // In the middle of it the page is closed and opened again, still without network.
      if (done === 40) {
        await phone.reload();
        await expect(phone.getByTestId('step-title')).toBeVisible();
      }
    });
    expect(await walker.walk()).toBe(steps);
    await expect(phone.getByTestId('sync-strip')).toContainText('entries wait here');
    expect((await recorded(shop, bakery)).filter((row) => row.startsWith('step')).length).toBeLessThanOrEqual(3);
    await second.setOffline(false);
    await expect
      .poll(() => recorded(shop, bakery).then((rows) => rows.length), { timeout: 180_000 })
      .toBe(online.length);
    expect(await recorded(shop, bakery)).toEqual(online);
    await expect(phone.getByTestId('sync-strip')).toHaveCount(0);
    await second.close();
    // What was filed is named when the bike goes back to stock.
    const desk = await (await browser.newContext(project.use)).newPage();
    await desk.goto(`${shop.url}/bikes/${bakery}/put-back`);
    await expect(desk.getByTestId('remains')).toContainText('left slot filed');
    await desk.context().close();
  },
);
