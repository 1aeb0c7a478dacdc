import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';

import { OwnShop } from './own-shop';

/** What a project chooses for its journeys. */
export interface ServerOptions {
  /** Two server processes on one database, request by request in turn. */
  twoServers: boolean;
}

/** Every test has a shop of its own, and fails when the page complains. */
export const test = base.extend<{ shop: OwnShop; complaints: string[] } & ServerOptions>({
  twoServers: [false, { option: true }],
  shop: async ({ twoServers }, use) => {
    const shop = new OwnShop();
    await shop.open();
    if (twoServers) await shop.pairUp();
    await use(shop);
    // Neither server was left out.
    if (twoServers) expect(Math.min(...shop.served)).toBeGreaterThan(5);
    await shop.close();
  },
  complaints: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        // A server that is away on purpose is no complaint; a policy violation or a script error is.
        if (message.type() === 'error' && !/Failed to load resource|net::ERR/.test(message.text()))
          complaints.push(message.text());
      });
      await use(complaints);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Becomes somebody else of the demo shop at this page, as its role buttons do. */
export async function become(page: Page, shop: OwnShop, role: 'owner' | 'installer' | 'learner'): Promise<void> {
  const answer = await page.request.post(`${shop.url}/api/session/demo`, { data: { role } });
  expect(answer.ok()).toBe(true);
}

/** Does something that is written, and waits until the server has it: a hand is slower than the browser's disk. */
export async function kept(page: Page, act: () => Promise<void>): Promise<void> {
  const written = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
  await act();
  await written;
}

/** Types as a caliper does: digits, then Enter. */
export async function caliper(page: Page, value: string): Promise<void> {
  await page.keyboard.type(value);
  await page.keyboard.press('Enter');
}

/** Presses the keypad's keys. */
export async function keypad(page: Page, value: string): Promise<void> {
  for (const key of value) await page.getByTestId('keypad').getByRole('button', { name: key, exact: true }).click();
}

/** The measuring page's heading. */
export function measuring(page: Page, title: string) {
  return expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
}

/** Waits until the app has fetched its pieces, as it does by itself after the first page. */
export async function piecesFetched(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const pieces = (await (await fetch('/pieces.json')).json()) as string[];
        const there = new Set(performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname));
        return pieces.filter((piece) => !there.has(piece) && !there.has(encodeURI(piece))).length;
      }),
    )
    .toBe(0);
}

/**
 * Goes to another page of the app that is open, by way of one that is none, so that nothing of the last one is left. A page that is
 * opened anew compiles all of the app each time: a walk over every page would do little else.
 */
export async function visit(page: Page, path: string): Promise<void> {
  const to = (next: string) =>
    page.evaluate((address) => {
      window.history.pushState(null, '', address);
      window.dispatchEvent(new PopStateEvent('popstate'));
    }, next);
  await to('/nowhere');
  await expect(page.getByTestId('nowhere')).toBeVisible();
  await to(path);
  await expect(page.getByTestId('nowhere')).toHaveCount(0);
}

/** No serious or critical finding on this page. */
export async function accessible(page: Page): Promise<void> {
  // What passes need not be told.
  const { violations } = await new AxeBuilder({ page })
    // No page here has a frame: without looking for any it takes half the time.
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'], preload: false })
    .analyze();
  const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(grave.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`)).toEqual([]);
}

/** Keeps what was told of kit and rider; the page goes on when it is kept. */
export async function keepRider(page: Page): Promise<void> {
  const here = page.url();
  await page.getByTestId('keep-rider').click();
  await expect(page).not.toHaveURL(here);
}
