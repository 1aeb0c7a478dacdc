import { chromium, type Page } from '@playwright/test';

import { batteryBayExample } from '../core/calc/examples';
import { barQuestion } from '../core/src/bar-question';
import { openBay } from '../core/src/battery-bay';
import { openBoxPlace } from '../core/src/box-place';
import { answerCables, cableQuestion } from '../core/src/cable-question';
import { laidByHand, orderOf, handlebar, shifted } from '../core/src/handlebar';
import { measuredBike } from '../core/src/kit-on-bike/measured-bike.testing';
import { chromiumPath } from '../scripts/lib/debian.mjs';
import { longtailCables } from '../server/src/demo/longtail-cables';
import { demoServer } from './demo-server';
import { medianMs } from './median';

/** Parts pushed about in their drawings, on a quarter of this processor: what core takes for a frame, and frames a second. */
const cpuRate = 4;
const frames = 120;
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

const bay = openBay(batteryBayExample);
const box = openBoxPlace(measuredBike)!;
const bar = barQuestion(measuredBike)!;
const order = orderOf(handlebar(bar).layouts[0]!);
const cables = cableQuestion({ cables: longtailCables });
if (Array.isArray(cables)) throw new Error(`cables wait for ${cables.join(', ')}`);
let at = 0;
const perFrame = {
  battery: medianMs(200, () => bay.laidAt((at = (at + 7.3) % 300))),
  controller: medianMs(200, () => box.placedAt({ at: [-150 + (at = (at + 7.3) % 200), 200], turnDeg: 20 })),
  'part of the bar': medianMs(200, () => laidByHand(bar, shifted(order, 'Display', 'left'))),
  'cables (in the worker)': medianMs(20, () => answerCables(cables)),
};
process.stdout.write(`core, for one frame on a processor ${cpuRate}× slower (goal 4 ms)\n`);
for (const [what, ms] of Object.entries(perFrame))
  process.stdout.write(`${what.padEnd(26)}${(cpuRate * ms).toFixed(2).padStart(8)} ms\n`);

const pushed = [
  { what: 'battery', path: '/bay', handle: '[data-testid="push-battery"]' },
  { what: 'controller', path: '/bay', handle: '[data-testid="place-controller"]' },
  { what: 'part of the bar', path: '/bar', handle: '[aria-label^="Bell: push it"]', first: 'Own' },
  { what: 'place of cables', path: '/cables', handle: '[data-testid="place-Throttle"]' },
];

const server = await demoServer();
const browser = await chromium.launch({
  executablePath: chromiumPath()!,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'],
});
try {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await context.addInitScript({ content: 'globalThis.__name = (named) => named;' });
  const [name, value] = server.cookie.split('=') as [string, string];
  await context.addCookies([{ name, value, url: server.address }]);
  process.stdout.write(`drawn, ${frames} frames with the processor ${cpuRate}× slower (goal 50 a second)\n`);
  for (const { what, path, handle, first } of pushed) {
    const page = await context.newPage();
    await page.goto(`${server.address}${longtail}${path}`);
    if (first) await page.getByRole('radio', { name: first, exact: true }).click();
    await page.locator(handle).waitFor();
    // What the app fetches after its first page is not the hand's.
    await page.waitForLoadState('networkidle');
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setCPUThrottlingRate', { rate: cpuRate });
    const gaps = await dragged(page, handle);
    const sorted = [...gaps].sort((a, b) => a - b);
    const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
    const worst = sorted[Math.floor(sorted.length * 0.95)]!;
    process.stdout.write(
      `${what.padEnd(26)}${(1000 / mean).toFixed(0).padStart(5)} frames/s, one in twenty takes ${worst.toFixed(0)} ms or more\n`,
    );
    await page.close();
  }
} finally {
  await browser.close();
  await server.close();
}

/** Pushes something to and fro, a move for every frame; the time from each frame to the next. */
async function dragged(page: Page, handle: string): Promise<number[]> {
  return page.evaluate(
    ([selector, count]) =>
      new Promise<number[]>((resolve, reject) => {
        const target = document.querySelector<HTMLElement>(selector as string);
        if (!target) return reject(new Error(`no ${String(selector)}`));
        const { left, top, width, height } = target.getBoundingClientRect();
        const [x, y] = [left + width / 2, top + height / 2];
        const before = target.getAttribute('aria-label') ?? '';
        const text = () =>
          `${before}${target.getAttribute('style') ?? ''}${target.getAttribute('aria-valuenow') ?? ''}`;
        const start = text();
        const fire = (type: string, dx: number, dy: number) =>
          target.dispatchEvent(
            new MouseEvent(type, {
              bubbles: true,
              cancelable: true,
              button: 0,
              buttons: type === 'mouseup' ? 0 : 1,
              clientX: x + dx,
              clientY: y + dy,
            }),
          );
        const gaps: number[] = [];
        let last = 0;
        let moved = false;
        const step = (now: number) => {
          if (last > 0) gaps.push(now - last);
          last = now;
          moved ||= text() !== start;
          if (gaps.length >= (count as number)) {
            fire('mouseup', 0, 0);
            return moved ? resolve(gaps) : reject(new Error(`${String(selector)} was not moved`));
          }
          const swing = Math.sin(gaps.length / 12);
          fire('mousemove', 22 * swing, -16 * swing);
          requestAnimationFrame(step);
        };
        fire('mousedown', 0, 0);
        requestAnimationFrame(step);
      }),
    [handle, frames] as const,
  );
}
