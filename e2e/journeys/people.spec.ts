import type { Locator } from '@playwright/test';

import { OwnShop } from '../support/own-shop';
import { accessible, become, expect, test, visit } from '../support/test';

const refused = '/bikes/00000003-0000-4000-8000-000000000002/rear';

test(
  'a new shop gets its owner, who lets an installer in; the phone changes hands by PIN',
  { tag: '@two-servers' },
  async ({ page, twoServers }) => {
    const shop = new OwnShop(false);
    await shop.open();
    if (twoServers) await shop.pairUp();
    try {
      await page.goto(shop.url);
      await expect(page.getByRole('heading', { name: 'A new shop' })).toBeVisible();
      await accessible(page);
      await page.getByTestId('sign-in-name').fill('Marla');
      await page.getByTestId('sign-in-password').fill('a long password');
      await page.getByTestId('enter').click();
      await expect(page.getByRole('button', { name: 'Bike in' }).first()).toBeVisible();
      await visit(page, '/people');
      await page.getByRole('button', { name: 'Add a person' }).click();
      await page.getByTestId('person-name').fill('Piet');
      await page.getByTestId('person-pin').fill('12');
      await page.getByRole('button', { name: 'Keep' }).click();
      await expect(page.getByText(/it must be 4 to 8 digits/).first()).toBeVisible();
      await expect(page.getByTestId('person-name')).toHaveValue('Piet');
      await page.getByTestId('person-pin').fill('7391');
      await page.getByRole('button', { name: 'Keep' }).click();
      await expect(page.getByText('Piet', { exact: true })).toBeVisible();
      await visit(page, '/shop');
      await expect(page.getByTestId('who')).toHaveText('Marla, owner');
      await page.getByRole('radiogroup', { name: 'Hand the phone over' }).getByRole('radio', { name: 'Piet' }).click();
      await page.getByTestId('pin').fill('0000');
      await page.getByRole('button', { name: 'Take over' }).click();
      await expect(page.getByRole('alert')).toBeVisible();
      await page.getByTestId('pin').fill('7391');
      await page.getByRole('button', { name: 'Take over' }).click();
      await expect(page.getByTestId('who')).toHaveText('Piet, installer');
      await page.getByRole('button', { name: 'Sign out here' }).click();
      await expect(page.getByTestId('sign-in-name')).toBeVisible();
      await page.getByTestId('sign-in-name').fill('Marla');
      await page.getByTestId('sign-in-password').fill('not this one');
      await page.getByTestId('enter').click();
      await expect(page.getByRole('alert')).toBeVisible();
      await page.getByTestId('sign-in-password').fill('a long password');
      await page.getByTestId('enter').click();
      await expect(page.getByRole('button', { name: 'Bike in' }).first()).toBeVisible();
      await visit(page, '/shop');
      await expect(page.getByTestId('who')).toHaveText('Marla, owner');
    } finally {
      await shop.close();
    }
  },
);

/** Unfolds a finding that may be unfolded already. */
async function unfold(row: Locator): Promise<void> {
  await expect(row).toBeVisible();
  if ((await row.getAttribute('aria-expanded')) !== 'true') await row.click();
}

test('the owner overrides a stop with a reason; it shows from then on, and can be taken back', async ({
  page,
  shop,
}) => {
  await become(page, shop, 'owner');
  // A class of vehicle that this kit is too strong for.
  const path = `${shop.url}/api/bikes/00000003-0000-4000-8000-000000000002`;
  const { bike } = await (await page.request.get(path)).json();
  const law = { id: crypto.randomUUID(), feature: 'law', is: { ...bike.facts.law, ratedW: 100 } };
  const data = { tellings: [law], takenAt: new Date().toISOString() };
  const kept = await page.request.put(`${path}/take-in/${crypto.randomUUID()}`, {
    data,
    headers: { 'x-write-id': crypto.randomUUID() },
  });
  expect(kept.ok()).toBe(true);
  await page.goto(`${shop.url}${refused}/fit`);
  const power = page.getByRole('button', { name: /^Class of vehicle: power/ });
  await expect(page.getByTestId('verdict')).toContainText('Stop');
  await expect(power).toBeVisible();
  await page.getByRole('button', { name: 'Override this' }).first().click();
  await expect(page.getByTestId('override-keep')).toBeDisabled();
  await page.getByTestId('override-because').fill('Ridden on the yard of the bakery only.');
  await page.getByTestId('override-keep').click();
  await expect(page.getByText('Overridden by Hesper: Ridden on the yard of the bakery only.')).toBeVisible();
  await expect(page.getByTestId('verdict')).toContainText('Goes after work');
  await page.getByTestId('take').click();
  await expect(page.getByText('Overridden by the shop')).toBeVisible();
  await visit(page, `${refused}/fit`);
  await become(page, shop, 'installer');
  await page.reload();
  await unfold(power);
  await expect(page.getByRole('button', { name: 'Take the override back' })).toBeDisabled();
  await become(page, shop, 'owner');
  await page.reload();
  await unfold(power);
  await page.getByRole('button', { name: 'Take the override back' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Stop');
});

test('a photo of the walk round is shrunk, kept, looked at and withdrawn; a text file is refused', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000001/take-in`);
  const strip = page.getByTestId('photos-condition');
  const file = page.getByTestId('photo-condition');
  // One is there already.
  const thumbnails = strip.getByRole('button', { name: /^Photo: / });
  const thumbnail = thumbnails.last();
  await expect(thumbnails).toHaveCount(1);
  await file.setInputFiles({ name: 'walk.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') });
  await expect(strip.getByRole('alert')).toContainText('no picture that the phone can read');
  const drawn = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = 3200;
    canvas.height = 2400;
    const context = canvas.getContext('2d')!;
    context.fillStyle = '#0E6B5B';
    context.fillRect(0, 0, 3200, 2400);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  await file.setInputFiles({ name: 'walk.png', mimeType: 'image/png', buffer: Buffer.from(drawn, 'base64') });
  await expect(thumbnails).toHaveCount(2);
  await expect
    .poll(() =>
      shop
        .query<{ width_px: number }>('SELECT width_px FROM photo ORDER BY taken_at DESC')
        .then((rows) => rows[0]?.width_px),
    )
    .toBe(1600);
  await page.reload();
  await thumbnail.click();
  await expect
    .poll(() =>
      strip
        .locator('img')
        .last()
        .evaluate((image: HTMLImageElement) => image.naturalWidth),
    )
    .toBe(1600);
  await strip.getByRole('button', { name: 'Withdraw' }).click();
  await strip.getByRole('button', { name: 'Sure? Touch again' }).click();
  await expect(thumbnails).toHaveCount(1);
});
