import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';

import { chromiumPath } from '../scripts/lib/debian.mjs';
import { demoServer } from './demo-server';

/** A phone of some years ago on a poor line: a quarter of this processor, 1.6 Mbit/s, 150 ms there and back. */
const cpuRate = 4;
const line = { offline: false, downloadThroughput: 1_600_000 / 8, uploadThroughput: 750_000 / 8, latency: 150 };
const turns = 5;

const longtail = '/bikes/00000003-0000-4000-8000-000000000003';
const measured = '/bikes/00000003-0000-4000-8000-000000000001/front/measure?feature=slot-depth.left';

/** The page's own watch, from the first byte asked for to the frame in which it can be used: the driver's looking takes time too. */
const watchForUsable = `globalThis.usableMs = new Promise((resolve) => {
  const watch = () => {
    const text = document.body?.innerText ?? '';
    const stands = text.includes('Bike in') && text.includes('School-run longtail');
    requestAnimationFrame(stands ? () => resolve(performance.now()) : watch);
  };
  requestAnimationFrame(watch);
});`;

const server = await demoServer();
const browser = await chromium.launch({
  executablePath: chromiumPath()!,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'],
});
try {
  const rows = [
    ['first page, cold, to the first usable tap', '4000', await coldMs()],
    ['the same page again', '1500', await reloadMs()],
    ['a step is done', '150', await atStandMs()],
    ['a key of the keypad', '60', await keyMs()],
    ['Keep: the next reading is asked', '200', await keepMs()],
  ] as const;
  process.stdout.write(`CPU ${cpuRate}× slower, 1.6 Mbit/s, 150 ms; median and worst of ${turns}, in ms\n`);
  for (const [what, goal, ms] of rows) {
    const sorted = [...ms].sort((a, b) => a - b);
    const shown = [sorted[Math.floor(sorted.length / 2)]!, sorted.at(-1)!].map((each) => each.toFixed(0).padStart(7));
    process.stdout.write(`${what.padEnd(44)}${shown.join('')}   goal ${goal}\n`);
  }
} finally {
  await browser.close();
  await server.close();
}

/** Somebody is signed in; nothing else is known at this phone. */
async function phone(from: Browser): Promise<BrowserContext> {
  const context = await from.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const [name, value] = server.cookie.split('=') as [string, string];
  // What compiles this file names functions by a helper that the page does not have.
  await context.addInitScript({ content: 'globalThis.__name = (named) => named;' });
  await context.addCookies([{ name, value, url: server.address }]);
  return context;
}

async function slowed(page: Page): Promise<Page> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', line);
  await session.send('Emulation.setCPUThrottlingRate', { rate: cpuRate });
  return page;
}

async function usable(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Bike in' }).first().waitFor();
  await page.getByText('School-run longtail').first().waitFor();
}

async function coldMs(): Promise<number[]> {
  const all: number[] = [];
  for (let turn = 0; turn < turns; turn++) {
    const context = await phone(browser);
    await context.addInitScript({ content: watchForUsable });
    const page = await slowed(await context.newPage());
    await page.goto(server.address, { waitUntil: 'commit' });
    await usable(page);
    all.push(await page.evaluate(() => (window as unknown as { usableMs: Promise<number> }).usableMs));
    await context.close();
  }
  return all;
}

async function reloadMs(): Promise<number[]> {
  const context = await phone(browser);
  const page = await context.newPage();
  await page.goto(server.address);
  await usable(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.waitForLoadState('networkidle');
  await slowed(page);
  const all: number[] = [];
  for (let turn = 0; turn < turns; turn++) {
    const began = performance.now();
    await page.reload({ waitUntil: 'commit' });
    await usable(page);
    all.push(performance.now() - began);
  }
  await context.close();
  return all;
}

/** From a click within the page to the frame in which a text has changed, with nothing of the driver in between. */
async function answeredMs(page: Page, button: string, watched: string): Promise<number> {
  return page.evaluate(
    ([press, look]) =>
      new Promise<number>((resolve, reject) => {
        const text = () => document.querySelector(look)?.textContent ?? '';
        const before = text();
        const began = performance.now();
        const watch = () => {
          if (text() !== before && text() !== '') resolve(performance.now() - began);
          else if (performance.now() - began > 20_000) reject(new Error(`${look} stays "${before}"`));
          else requestAnimationFrame(watch);
        };
        const target = document.querySelector<HTMLElement>(press);
        if (!target) return reject(new Error(`no ${press}`));
        target.click();
        requestAnimationFrame(watch);
      }),
    [button, watched] as const,
  );
}

async function opened(path: string, ready: string): Promise<Page> {
  const context = await phone(browser);
  const page = await context.newPage();
  await page.goto(server.address + path);
  await page.locator(ready).first().waitFor();
  await page.waitForLoadState('networkidle');
  return slowed(page);
}

async function atStandMs(): Promise<number[]> {
  const page = await opened(`${longtail}/stand`, '[data-testid="step-done"]');
  const all: number[] = [];
  for (let turn = 0; turn < turns; turn++) {
    const boxes = page.getByTestId('step').getByRole('checkbox', { checked: false });
    while ((await boxes.count()) > 0) await boxes.first().click();
    if ((await page.getByTestId('step-title').innerText()) === 'Measure the pack') {
      await page.getByTestId('enter-pack').click();
      await page.keyboard.type('40');
      await page.keyboard.press('Enter');
      await page.getByTestId('step').getByText('40 V', { exact: true }).waitFor();
    }
    all.push(await answeredMs(page, '[data-testid="step-done"]', '[data-testid="step-title"]'));
    await page.waitForLoadState('networkidle');
  }
  await page.context().close();
  return all;
}

async function keyMs(): Promise<number[]> {
  const page = await opened(measured, '[data-testid="keypad"]');
  const all: number[] = [];
  for (let turn = 0; turn < turns; turn++) {
    all.push(await answeredMs(page, '[data-testid="keypad"] [role="button"]', '[data-testid="reading"]'));
  }
  await page.context().close();
  return all;
}

async function keepMs(): Promise<number[]> {
  const all: number[] = [];
  const page = await opened(measured, '[data-testid="keypad"]');
  for (let turn = 0; turn < turns; turn++) {
    await page.keyboard.type('14.2');
    await page.getByTestId('reading').filter({ hasText: '14.2' }).waitFor();
    all.push(await answeredMs(page, '[data-testid="keep"]', 'h1, [role="heading"][aria-level="1"]'));
    await page.goto(server.address + measured);
    await page.locator('[data-testid="keypad"]').waitFor();
    await page.waitForLoadState('networkidle');
  }
  await page.context().close();
  return all;
}
