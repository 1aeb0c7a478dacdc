import { expect, type Page } from '@playwright/test';

/** Nothing is wider than the window, and no text is cut off at the side. */
export async function fits(page: Page, name: string): Promise<void> {
  const cut = () =>
    page.evaluate(() => {
      const wide = document.documentElement.scrollWidth - window.innerWidth;
      const texts = Array.from(document.querySelectorAll<HTMLElement>('[dir="auto"]')).filter((text) => {
        const { left, right, width } = text.getBoundingClientRect();
        const shown = width > 0 && getComputedStyle(text).visibility === 'visible';
        // The link past the bar is out of sight until it has the cursor.
        if (text.closest('.to-page') !== null) return false;
        if (!shown || (left >= -1 && right <= window.innerWidth + 1)) return false;
        // What can be scrolled to sideways is not cut off.
        for (let around = text.parentElement; around; around = around.parentElement) {
          if (/auto|scroll/.test(getComputedStyle(around).overflowX)) return false;
        }
        return true;
      });
      return [...(wide > 0 ? [`${wide} px too wide`] : []), ...texts.map(({ textContent }) => textContent)].slice(0, 5);
    });
  // All of them are told at once.
  await expect.configure({ soft: true }).poll(cut, { message: name, timeout: 2000 }).toEqual([]);
}
