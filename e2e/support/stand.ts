import { expect, type Locator, type Page } from '@playwright/test';

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
    for (;;) {
      const title = page.getByTestId('step-title');
      await expect(title.or(page.getByText('Every step is done'))).toBeVisible();
      if (!(await title.isVisible())) return count;
      if (await page.getByTestId('go-first').isVisible()) return count;
      const words = await title.innerText();
      if (words === until) return count;
      await this.before(words, count);
      await this.checks();
      const address = page.url();
      await page.getByTestId('step-done').click();
      count += 1;
      await expect(async () => {
        // A step that is looked at there and then stays; this walk goes on without.
        if (page.url() === address && (await page.getByTestId('second-person').isVisible()))
          await page.getByTestId('next-step').click();
        const now = await title.or(page.getByText('Every step is done')).first().innerText();
        expect(now === words && page.url() === address).toBe(false);
      }).toPass({ intervals: [30, 60, 120, 250] });
    }
  }

  /** Ends one block of the cards after another until none is left; gives back how many there were. */
  async walkCards(): Promise<number> {
    const { page } = this;
    const place = page.getByTestId('card-place');
    let count = 0;
    for (;;) {
      await expect(place.or(page.getByText('Every step is done'))).toBeVisible();
      if (!(await place.isVisible())) return count;
      const done = page.getByTestId(/^done-/).first();
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
    const boxes = within.getByRole('checkbox');
    for (let index = 0; index < (await boxes.count()); index++) {
      const box = boxes.nth(index);
      if ((await box.getAttribute('aria-checked')) === 'true') continue;
      this.taps += 1;
      await box.click();
    }
    await this.figures(within);
  }

  /** Every torque and every figure that the step in hand asks for. */
  async figures(within: Locator): Promise<void> {
    const { page } = this;
    const reached = within.getByTestId(/^reached-/);
    while ((await reached.count()) > 0) {
      this.taps += 1;
      await reached.first().click();
    }
    const enter = within.getByTestId(/^enter-/);
    for (let index = 0; index < (await enter.count()); index++) {
      const button = enter.nth(index);
      const check = (await button.getAttribute('data-testid'))!.slice('enter-'.length);
      const figure = figures[check];
      if (figure === undefined) continue;
      this.taps += 2 + figure.length;
      if (/ mm$/.test(await button.innerText())) this.byCaliper += figure.length;
      await button.click();
      await page.keyboard.type(figure);
      await page.keyboard.press('Enter');
      await expect(within.getByTestId(`enter-${check}`).first()).toBeVisible();
    }
  }
}
