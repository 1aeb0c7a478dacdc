import type { Page } from '@playwright/test';

import type { OwnShop } from '../support/own-shop';
import { frontEnd } from '../support/hand';
import { Keys } from '../support/keys';
import { Stand } from '../support/stand';
import { bakery, taken } from '../support/taken';
import { accessible, expect, measuring, piecesFetched, test } from '../support/test';

/** What was recorded of the steps, without ids and times: the same work must leave the same record, whatever is entered first. */
async function recorded(shop: OwnShop, bike: string): Promise<string[]> {
  const rows = await shop.query<{ kind: string; data: { readings?: { check: string }[] } }>(
    `SELECT kind, data - 'minutes' AS data FROM job_event
     WHERE bike_id = '${bike}' AND withdrawn_at IS NULL ORDER BY at, id`,
  );
  for (const { data } of rows) data.readings?.sort((one, other) => one.check.localeCompare(other.check));
  return rows.map(({ kind, data }) => `${kind} ${JSON.stringify(data)}`);
}

/** The page is held by the service worker, and everything of the app is in the browser. */
async function readyForOffline(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await piecesFetched(page);
}

/** From the list of bikes to the stand by keys alone: measures what is open at the front end, and takes the stack. */
async function stackByKeys(keys: Keys, shop: OwnShop): Promise<void> {
  const { page } = keys;
  await page.goto(shop.url);
  await expect(page.getByText('Bakery box bike').first()).toBeVisible();
  // The first key leads past the bar.
  await keys.press('Tab');
  await expect(page.getByRole('link', { name: 'To the page' })).toBeFocused();
  await keys.press('Enter');
  await keys.go(`a[href="/bikes/${bakery}"]`);
  await expect(page).toHaveTitle(/^MQ-31 · .* · Cricket$/);
  await keys.go('[data-testid="go-on"]');
  await measuring(page, 'Left slot, width at the seat');
  const readings = async () => {
    const [row] = await shop.query<{ many: number }>(
      `SELECT count(*)::int AS many FROM reading WHERE bike_id = '${bakery}'`,
    );
    return row!.many;
  };
  const before = await readings();
  const slots = ['9.62', '9.66', '9.62', '9.6'];
  const others = frontEnd.slice(frontEnd.findIndex(([, name]) => name === 'Left slot depth'));
  for (const value of slots) {
    const asked = await page.getByRole('heading', { level: 1 }).innerText();
    await keys.type(value);
    await keys.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(asked);
  }
  for (const [how, title, value] of others) {
    await measuring(page, title);
    if (how === 'read') {
      await keys.type(title === 'Old axle' ? '9.5' : value);
      await keys.press('Enter');
      continue;
    }
    // Arrows go round the answers and record nothing; Space gives the one that is wanted.
    await keys.to('[role="radiogroup"] [role="radio"]');
    const answer = page.getByRole('radio', { name: value, exact: true });
    for (let at = 0; at < 8 && !(await answer.evaluate((radio) => radio === document.activeElement)); at += 1) {
      await keys.press('ArrowRight');
      await measuring(page, title);
    }
    await keys.press('Space');
  }
  await measuring(page, 'Tyre width');
  // A hand that leaves the page is slower than the browser's disk.
  await expect.poll(readings).toBe(before + slots.length + others.length);
  await page.goto(`${shop.url}/bikes/${bakery}/front/fit`);
  await expect(page.getByTestId('verdict')).toContainText('Goes after work');
  await keys.go('[data-testid="take"]');
  await expect(page.getByText(/Taken .* by Wren/)).toBeVisible();
  await page.goto(`${shop.url}/bikes/${bakery}/stand`);
  await expect(page.getByTestId('step-title')).toHaveText('Look the parcel over');
  // What opens gets the cursor, Escape closes it, and then the cursor is back.
  await keys.go('[data-testid="step-skip"]');
  await expect(page.getByTestId('step-because')).toBeFocused();
  await keys.press('Escape');
  await expect(page.getByTestId('step-because')).toHaveCount(0);
  await expect(page.getByTestId('step-skip')).toBeFocused();
  // Where nothing is recorded by it, an arrow chooses.
  const stands = page.getByRole('radiogroup', { name: 'The bike is' });
  await keys.to('[role="radiogroup"][aria-label="The bike is"] [role="radio"]');
  for (const name of ['Upside down', 'Wheels down']) {
    await keys.press('ArrowRight');
    await expect(stands.getByRole('radio', { name })).toBeFocused();
    await expect(stands.getByRole('radio', { name })).toHaveAttribute('aria-checked', 'true');
  }
}

test(
  'a whole conversion by keys alone, and again by touch without network, leaves equal records',
  { tag: '@two-servers' },
  async ({ browser, shop }, { project }) => {
    test.setTimeout(900_000);
    const context = await browser.newContext({
      ...project.use,
      viewport: { width: 1280, height: 800 },
      hasTouch: false,
    });
    const page = await context.newPage();
    const keys = new Keys(page);
    await stackByKeys(keys, shop);
    await accessible(page);
    const before = keys.pressed;
    const steps = await keys.walk();
    expect(steps).toBeGreaterThan(75);
    process.stdout.write(`by keys alone: ${steps} steps with ${keys.pressed - before} keys\n`);
    await expect
      .poll(() => recorded(shop, bakery).then((rows) => rows.filter((row) => row.startsWith('step')).length))
      .toBe(steps);
    const online = await recorded(shop, bakery);
    await page.goto(`${shop.url}/bikes/${bakery}`);
    await expect(page.getByText(`${steps} steps done`)).toBeVisible();
    // The same bike again, as if nothing had been done, on a phone that loses the network after three steps.
    await shop.query(`DELETE FROM job_event WHERE bike_id = '${bakery}'`);
    await context.close();
    const second = await browser.newContext({ ...project.use, serviceWorkers: 'allow' });
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
