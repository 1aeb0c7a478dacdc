import type { Page } from '@playwright/test';

import { shown, shownNext, type Shown } from './shown';
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
    let count = 0;
    for (let now = await shown(page); now.title !== null;) {
      await this.checks(now);
      await this.go('[data-testid="step-done"]');
      count += 1;
      now = await shownNext(page, now, () => this.go('[data-testid="next-step"]'));
      // What comes next holds the cursor from its beginning on.
      if (count === 1) await expect(page.getByTestId('step-title')).toBeFocused();
    }
    return count;
  }

  /** Everything that the step in hand asks for, in its order. */
  private async checks({ unticked, reached, figures: asked }: Shown): Promise<void> {
    for (let left = unticked; left > 0; left -= 1)
      await this.go('[data-testid="step"] [role="checkbox"][aria-checked="false"]', ' ');
    for (let left = reached; left > 0; left -= 1) await this.go('[data-testid="step"] [data-testid^="reached-"]');
    for (const check of asked) {
      const figure = figures[check];
      if (figure === undefined) continue;
      await this.go(`[data-testid="enter-${check}"]`);
      await this.type(figure);
      await this.press('Enter');
      await expect(this.page.getByTestId(`enter-${check}`).first()).toBeVisible();
    }
  }
}
