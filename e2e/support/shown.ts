import type { Page } from '@playwright/test';

/** What the stand shows at one moment, asked of the page in one go: one question a step, not ten. */
export interface Shown {
  /** Null when every step is done. */
  title: string | null;
  address: string;
  /** How many boxes wait for a tick, and torques for their word. */
  unticked: number;
  reached: number;
  /** The checks that ask for a figure, by their names. */
  figures: string[];
  /** Something else comes first, and a second person is asked for. */
  goFirst: boolean;
  second: boolean;
}

/**
 * Waits until the stand shows a step, or that all of them are done.
 *
 * @param after - what it showed before; then it waits for something else, or for a second person
 */
export async function shown(page: Page, after: Shown | null = null): Promise<Shown> {
  const found = await page.waitForFunction(
    (before) => {
      const there = (id: string) => document.querySelector(`[data-testid="${id}"]`);
      const title = there('step-title')?.textContent ?? null;
      const ended = Array.from(document.querySelectorAll('h2')).some(
        (each) => each.textContent === 'Every step is done',
      );
      if (title === null && !ended) return null;
      const address = location.href;
      const second = there('second-person') !== null;
      const isNew = !before || before.title !== title || before.address !== address || (second && !before.second);
      if (!isNew) return null;
      const inStep = (selector: string) => Array.from(document.querySelectorAll(`[data-testid="step"] ${selector}`));
      return {
        title,
        address,
        second,
        goFirst: there('go-first') !== null,
        unticked: inStep('[role="checkbox"][aria-checked="false"]').length,
        reached: inStep('[data-testid^="reached-"]').length,
        figures: inStep('[data-testid^="enter-"]').map((each) =>
          each.getAttribute('data-testid')!.slice('enter-'.length),
        ),
      };
    },
    after,
    { polling: 40, timeout: 40_000 },
  );
  return (await found.jsonValue())!;
}

/**
 * What the stand shows once a step was said to be done.
 *
 * @param leave - goes on where the step stays, since a second person looks there and then
 */
export async function shownNext(page: Page, done: Shown, leave: () => Promise<void>): Promise<Shown> {
  const now = await shown(page, done);
  if (now.title !== done.title || now.address !== done.address) return now;
  await leave();
  return shown(page, now);
}
