import type { Page } from '@playwright/test';

import { Stand } from '../support/stand';
import { longtail, taken } from '../support/taken';
import { accessible, become, expect, kept, test, visit } from '../support/test';

/** The owner takes the phone where a second person is asked for. */
async function hesperTakesThePhone(page: Page): Promise<void> {
  await page
    .getByRole('radiogroup', { name: 'Who looks takes the phone' })
    .getByRole('radio', { name: 'Hesper' })
    .click();
  await page.getByTestId('pin').fill('4610');
  await page.getByRole('button', { name: 'Take over' }).click();
}

test(
  'a second person looks there and then or at all of it in one go, and no power before every safety step was looked at',
  { tag: '@two-servers' },
  async ({ page, shop }) => {
    test.setTimeout(400_000);
    await become(page, shop, 'owner');
    await page.goto(`${shop.url}/shop`);
    const where = page.getByRole('radiogroup', { name: 'A second person looks' });
    // What is still under way would go out as the installer's.
    await kept(page, () => where.getByRole('radio', { name: 'At every safety step' }).click());
    await become(page, shop, 'installer');
    await taken(page, shop);
    const stand = new Stand(page);
    const before = await stand.walk('Axle nuts to their torque');
    await stand.checks();
    await page.getByTestId('step-done').click();
    const second = page.getByTestId('second-person');
    await expect(second).toContainText('Wren did it');
    await expect(page.getByTestId('confirm-second')).toHaveCount(0);
    await hesperTakesThePhone(page);
    await page.getByTestId('confirm-second').click();
    await expect(page.getByText('Confirmed by Hesper')).toBeVisible();
    await expect
      .poll(() =>
        shop.query<{ person: string }>(
          `SELECT name AS person FROM job_event JOIN person ON person.id = person_id WHERE data->>'how' = 'confirmed'`,
        ),
      )
      .toEqual([{ person: 'Hesper' }]);

    // The rest of the work goes on without anybody standing by, until the first power.
    await become(page, shop, 'installer');
    await page.goto(`${shop.url}/bikes/${longtail}/stand`);
    expect(before + (await new Stand(page).walk())).toBeGreaterThan(45);
    await visit(page, `/bikes/${longtail}/stand?step=loose-run`);
    await expect(page.getByTestId('step-done')).toHaveCount(0);
    await page.getByTestId('first-second-look').click();
    await accessible(page);
    await expect(page.getByTestId('look-axle-tight.rear')).toHaveCount(0);
    const arm = page.getByTestId('look-clamp-tight.rear');
    await expect(arm).toContainText('Arm clamp');
    await expect(arm).toContainText('5 N·m');
    await expect(page.getByRole('button', { name: 'I have looked: right' })).toHaveCount(0);
    await hesperTakesThePhone(page);
    await page.getByTestId('look-seated.rear').getByRole('button', { name: 'Not right' }).click();
    await page.getByTestId('step-because').fill('left shoulder stands off');
    await page.getByTestId('keep-because').click();
    await expect(page.getByTestId('look-seated.rear')).toHaveCount(0);
    const right = page.getByRole('button', { name: 'I have looked: right' });
    for (let left = await right.count(); left > 0; left--) {
      await right.first().click();
      await expect(right).toHaveCount(left - 1);
    }
    await expect(page.getByText('Nothing waits for a second person')).toBeVisible();
    await visit(page, `/bikes/${longtail}/stand?step=seated.rear`);
    await expect(page.getByRole('alert')).toContainText('left shoulder stands off');
    // What was wrong is put right, and now it is the other's turn to look.
    await new Stand(page).checks();
    await page.getByTestId('step-done').click();
    await page.goto(`${shop.url}/bikes/${longtail}/stand?look=second`);
    await expect(page.getByTestId('look-seated.rear')).toContainText('Done by Hesper');
    await page.request.post(`${shop.url}/api/session/demo`, { data: { role: 'installer' } });
    await page.reload();
    await page.getByTestId('confirm-seated.rear').click();
    await expect(page.getByText('Nothing waits for a second person')).toBeVisible();
    await visit(page, `/bikes/${longtail}/stand`);
    await expect(page.getByTestId('step-title')).toHaveText('First power-up with the loom loose');
    await new Stand(page).checks();
    await expect(page.getByTestId('step-done')).toBeEnabled();
  },
);
