import { frontEnd } from '../support/hand';
import { Keys } from '../support/keys';
import { bakery } from '../support/taken';
import { expect, measuring, test } from '../support/test';

test('a whole conversion by keys alone: from the list of bikes to the last step', async ({ page, shop }) => {
  test.setTimeout(400_000);
  const keys = new Keys(page);
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
  for (const value of ['9.62', '9.66', '9.62', '9.6']) {
    const before = await page.getByRole('heading', { level: 1 }).innerText();
    await keys.type(value);
    await keys.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(before);
  }
  for (const [how, title, value] of frontEnd.slice(frontEnd.findIndex(([, name]) => name === 'Left slot depth'))) {
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
  await expect(page.getByTestId('sync-strip')).toHaveCount(0);
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
  const before = keys.pressed;
  const steps = await keys.walk();
  expect(steps).toBeGreaterThan(75);
  process.stdout.write(`by keys alone: ${steps} steps with ${keys.pressed - before} keys\n`);
});
