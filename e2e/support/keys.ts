import type { Page } from '@playwright/test';

import { figures } from './stand';
import { expect } from './test';

/** Somebody without a mouse: only keys, from wherever the cursor is. */
export class Keys {
  pressed = 0;

  constructor(readonly page: Page) {}

  async press(key: string): Promise<void> {
    this.pressed += 1;
    await this.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    this.pressed += text.length;
    await this.page.keyboard.type(text);
  }

  /** Goes on with Tab until the cursor is on what is wanted. */
  async to(selector: string, most = 90): Promise<void> {
    for (let tabs = 0; tabs <= most; tabs += 1) {
      const there = await this.page.evaluate((wanted) => document.activeElement?.matches(wanted) ?? false, selector);
      if (there) return;
      await this.press('Tab');
    }
    throw new Error(`the cursor never came to ${selector}`);
  }

  /** The same, and presses it. */
  async go(selector: string, key: 'Enter' | ' ' = 'Enter'): Promise<void> {
    await this.to(selector);
    await this.press(key === ' ' ? 'Space' : key);
  }

  /** Does one step after another until none is left; gives back how many there were. */
  async walk(): Promise<number> {
    const { page } = this;
    const title = page.getByTestId('step-title');
    let count = 0;
    for (;;) {
      await expect(title.or(page.getByText('Every step is done'))).toBeVisible();
      if (!(await title.isVisible())) return count;
      const words = await title.innerText();
      const address = page.url();
      await this.checks();
      await this.go('[data-testid="step-done"]');
      count += 1;
      if (await page.getByTestId('second-person').isVisible()) await this.go('[data-testid="next-step"]');
      await expect(async () => {
        const now = await title.or(page.getByText('Every step is done')).first().innerText();
        expect(now === words && page.url() === address).toBe(false);
      }).toPass({ intervals: [30, 60, 120, 250] });
      // What comes next holds the cursor from its beginning on.
      if (count === 1) await expect(title).toBeFocused();
    }
  }

  /** Everything that the step in hand asks for, in its order. */
  private async checks(): Promise<void> {
    const step = this.page.getByTestId('step');
    const unticked = '[data-testid="step"] [role="checkbox"][aria-checked="false"]';
    while ((await this.page.locator(unticked).count()) > 0) await this.go(unticked, ' ');
    const reached = '[data-testid="step"] [data-testid^="reached-"]';
    while ((await this.page.locator(reached).count()) > 0) await this.go(reached);
    const ids = await step
      .getByTestId(/^enter-/)
      .evaluateAll((buttons) => buttons.map((button) => (button as HTMLElement).dataset['testid']!));
    for (const id of ids) {
      const figure = figures[id.slice('enter-'.length)];
      if (figure === undefined) continue;
      await this.go(`[data-testid="${id}"]`);
      await this.type(figure);
      await this.press('Enter');
      await expect(step.getByTestId(id).first()).toBeVisible();
    }
  }
}
