import type { Page } from '@playwright/test';

import { caliper, expect, keypad, measuring, test } from '../support/test';

/** Brings a bike in and answers what is seen, up to the first length. */
async function bringIn(page: Page, url: string) {
  await page.goto(url);
  await page.getByRole('button', { name: 'Bike in' }).click();
  await page.getByTestId('field-tag').fill('MQ-77');
  await page.getByTestId('field-name').fill('Ferry bike');
  await page.getByRole('button', { name: 'Bring in' }).click();
  await expect(page.getByTestId('next')).toContainText('Say what the dropouts are made of');
  await page.getByTestId('go-on').click();
  for (const [title, answer] of [
    ['What the dropouts are made of', 'Steel'],
    ['What the blades or stays are made of', 'Steel'],
    ['Suspension', 'Rigid'],
    ['Condition of this end', 'Sound'],
    ['Kind of slot', 'Open, flat bottom'],
    ['Brake at this end', 'Rim brake'],
  ] as const) {
    await measuring(page, title);
    await page.getByRole('radio', { name: answer, exact: true }).click();
  }
}

/** The lengths of a front end on which FW-1 goes, by a caliper that types. */
const lengths: [title: string, value: string][] = [
  ['Old rim to left dropout', '37.5'],
  ['Old rim to right dropout', '37.5'],
  ['Spacing, front of the dropouts', '100.1'],
  ['Spacing, back of the dropouts', '100.1'],
  ['Left slot, width at the mouth', '10.16'],
  ['Left slot, width in the middle', '10.14'],
  ['Left slot, width at the seat', '10.1'],
  ['Right slot, width at the mouth', '10.16'],
  ['Right slot, width in the middle', '10.12'],
  ['Right slot, width at the seat', '10.1'],
  ['Left slot depth', '14'],
  ['Right slot depth', '14'],
  ['Left plate at the seat', '5'],
  ['Right plate at the seat', '5'],
];

test('a bike comes in, is measured, gets its washers, and is found again after a restart', async ({ page, shop }) => {
  await bringIn(page, shop.url);
  for (const [index, [title, value]] of lengths.entries()) {
    await measuring(page, title);
    if (index % 2) await caliper(page, value);
    else {
      await keypad(page, value);
      await expect(page.getByTestId('reading')).toHaveText(value);
      await page.getByTestId('keep').click();
    }
  }
  for (const side of ['Left', 'Right']) {
    await measuring(page, `${side} retaining lip`);
    await page.getByRole('radio', { name: 'Smooth' }).click();
  }
  await measuring(page, 'Old axle');
  await caliper(page, '10');
  await measuring(page, 'Washers found, left');
  await caliper(page, '1.5');
  await page.getByTestId('keep').click();
  await measuring(page, 'Washers found, right');
  await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByTestId('next')).toContainText('Choose a motor wheel');
  await page.getByTestId('go-on').click();
  await page.getByRole('button', { name: 'Take FW-1' }).click();

  await expect(page.getByTestId('verdict')).toContainText('Goes');
  await expect(page.getByRole('img', { name: /Section through the front axle with FW-1/ })).toBeVisible();
  await expect(page.getByTestId('verdict')).toContainText('Stack 1 of 5');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('verdict')).toContainText('Stack 2 of 5');
  await page.keyboard.press('ArrowLeft');

  // By hand: the left plain washer goes across; the rim leaves the middle at once.
  const rim = page.getByRole('button', { name: /Rim in the middle/ });
  const before = await rim.textContent();
  await page
    .getByRole('button', { name: /left plain washer/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Move to the right' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Changed by hand');
  await expect(rim).not.toHaveText(before!);
  await page.getByRole('button', { name: 'Back to the computed stack' }).click();
  await page
    .getByRole('button', { name: /left plain washer/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Add on the left plain 0.5' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Changed by hand');

  const take = page.getByTestId('take');
  await take.dblclick();
  await expect(page.getByRole('heading', { name: 'Front stack' })).toBeVisible();
  await expect(page.getByText('changed by hand')).toBeVisible();
  const rows = await shop.query<{ by_hand: boolean }>(
    "SELECT by_hand FROM accepted_stack s JOIN bike b ON b.id = s.bike_id WHERE b.tag = 'MQ-77'",
  );
  expect(rows).toEqual([{ by_hand: true }]);

  await shop.stop();
  await shop.start();
  await page.goto(shop.url);
  await expect(page.getByText('Ferry bike · front FW-1')).toBeVisible();
  await page.getByText('Put the washers in as recorded').first().click();
  await page.getByTestId('go-on').click();
  await expect(page.getByRole('heading', { name: 'Front stack' })).toBeVisible();
  await expect(page.getByText('changed by hand')).toBeVisible();
});

test('the stack is a page to print, a drawing and a record to keep', async ({ page, shop }) => {
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000003/rear/stack`);
  await expect(page.getByText('School-run longtail').last()).toBeVisible();
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Drawing (SVG)' }).click(),
  ]);
  expect(svg.suggestedFilename()).toBe('MQ-33-rear-stack.svg');
  const [json] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Record (JSON)' }).click(),
  ]);
  const stream = await json.createReadStream();
  let text = '';
  for await (const chunk of stream) text += String(chunk);
  expect(JSON.parse(text)).toMatchObject({
    end: 'rear',
    snapshot: { wheel: { code: 'RW-3' }, stack: { washerCount: 4 } },
  });
  // Also from a dark screen the paper is white and the lines are dark.
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  await expect.poll(() => page.locator('#axle-drawing svg').innerHTML()).toContain('#23271F');
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(255, 255, 255)');
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('img', { name: /Section through the rear axle/ })).toBeVisible();
});
