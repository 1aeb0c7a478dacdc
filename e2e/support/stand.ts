import { expect, type Locator, type Page } from '@playwright/test';

import { shown, shownNext } from './shown';

/** Figures that hold, by the name of the check; others are given where a step is special. */
export const figures: Record<string, string> = {
  pack: '40.1',
  lateral: '0.3',
  radial: '0.3',
  dish: '0.2',
  'rim-left-right': '0.4',
  gap: '1.6',
  'rim-after': '0.4',
  'pad-gap': '1.6',
  'pad-room': '1.5',
  'stay-gap': '3.1',
  overhang: '2',
  room: '9',
  low: '31',
  'lateral-after': '0.3',
  'seat-depth': '14',
  'hanger-left': '0',
  slack: '12',
  'left-right': '0.3',
};

/** Walks through the steps as an installer does: looks at every check, enters every figure, says done. */
export class Stand {
  /** A figure typed on the keypad is the button that asks for it, its digits, and Keep. */
  taps = 0;
  /** Of these, what a typing caliper saves: it sends a length with one touch. */
  byCaliper = 0;

  constructor(
    readonly page: Page,
    /** Called before each step with its title. */
    private readonly before: (title: string, done: number) => Promise<void> = async () => undefined,
  ) {}

  /**
   * Does one step after another until none is left, or the rest waits for a second person; gives back how many there were.
   *
   * @param until - title of the step to stop before
   */
  async walk(until?: string): Promise<number> {
    const { page } = this;
    let count = 0;
    for (let now = await shown(page); now.title !== null && !now.goFirst && now.title !== until;) {
      await this.before(now.title, count);
      await this.checks();
      await page.getByTestId('step-done').click();
      count += 1;
      // A step that is looked at there and then stays; this walk goes on without.
      now = await shownNext(page, now, () => page.getByTestId('next-step').click());
    }
    return count;
  }

  /** Ends one block of the cards after another until none is left; gives back how many there were. */
  async walkCards(): Promise<number> {
    const { page } = this;
    // What is looked up in every round is looked up by its mark: a text or a role is sought through the whole page.
    const place = page.getByTestId('card-place');
    const ended = page.locator('h2', { hasText: 'Every step is done' });
    let count = 0;
    for (;;) {
      await expect(place.or(ended)).toBeVisible();
      if (!(await place.isVisible())) return count;
      const done = page.locator('[data-testid^="done-"]').first();
      const id = (await done.getAttribute('data-testid'))!.slice('done-'.length);
      // Practised hands touch what is asked of them, no more.
      if (/to check/.test(await done.innerText())) await this.figures(page.getByTestId(`block-${id}`));
      this.taps += 1;
      await page.getByTestId(`done-${id}`).click();
      await expect(page.getByTestId(`done-${id}`)).toHaveCount(0);
      count += 1;
    }
  }

  /** Everything that the step in hand asks for. */
  async checks(within: Locator = this.page.getByTestId('step')): Promise<void> {
    const unticked = within.locator('[role="checkbox"][aria-checked="false"]');
    for (let left = await unticked.count(); left > 0; left -= 1) {
      this.taps += 1;
      await unticked.first().click();
      await expect(unticked).toHaveCount(left - 1);
    }
    await this.figures(within);
  }

  /** Every torque and every figure that the step in hand asks for. */
  async figures(within: Locator): Promise<void> {
    const { page } = this;
    const reached = within.locator('[data-testid^="reached-"]');
    for (let left = await reached.count(); left > 0; left -= 1) {
      this.taps += 1;
      await reached.first().click();
      await expect(reached).toHaveCount(left - 1);
    }
    const asked = await within
      .locator('[data-testid^="enter-"]')
      .evaluateAll((all) =>
        all.map((each) => [each.getAttribute('data-testid')!.slice('enter-'.length), each.textContent!] as const),
      );
    for (const [check, text] of asked) {
      const figure = figures[check];
      if (figure === undefined) continue;
      this.taps += 2 + figure.length;
      if (/ mm$/.test(text)) this.byCaliper += figure.length;
      const button = within.locator(`[data-testid="enter-${check}"]`).first();
      await button.click();
      await page.keyboard.type(figure);
      await page.keyboard.press('Enter');
      await expect(button).toBeVisible();
    }
  }
}
