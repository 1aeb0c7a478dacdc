import { expect, kept, measuring, test, visit } from '../support/test';

test('carbon is refused at once, and cannot be fitted by any way round', async ({ page, shop }) => {
  await page.goto(shop.url);
  await page.getByRole('button', { name: 'Bike in' }).click();
  await page.getByTestId('field-tag').fill('MQ-78');
  await page.getByTestId('field-name').fill('Light gravel bike');
  await page.getByRole('button', { name: 'Bring in' }).click();
  await page.getByText('0 of').first().click();
  await measuring(page, 'What the dropouts are made of');
  await page.getByRole('radio', { name: 'Aluminium, forged' }).click();
  // A metal dropout in a carbon blade is refused too.
  await measuring(page, 'What the blades or stays are made of');
  await page.getByRole('radio', { name: 'Carbon' }).click();
  await expect(page.getByTestId('next')).toContainText('Front refused: look at the rear end');
  const bike = new URL(page.url()).pathname;
  await visit(page, `${bike}/front/wheel`);
  await page.getByRole('button', { name: 'Take FW-1', exact: true }).click();
  await expect(page.getByTestId('verdict')).toContainText('Stop');
  await expect(page.getByTestId('take')).toHaveCount(0);
  await expect(page.getByText('Carbon takes no motor')).toBeVisible();
  await visit(page, bike);
  await expect(page.getByTestId('next')).toContainText('Front refused');
  await page.getByTestId('go-on').click();
  await expect(page.getByTestId('next')).toContainText('Finish taking it in');
});

test('an impossible end names the washer to buy, and goes once it was ordered and has come', async ({ page, shop }) => {
  await page.goto(shop.url);
  await page.getByText('Get 1 washer 5 mm').click();
  await page.getByTestId('go-on').click();
  await expect(page.getByTestId('verdict')).toContainText('Stop');
  await expect(page.getByTestId('verdict')).toContainText('Get 1 washer 5 mm');
  await expect(page.getByRole('button', { name: 'To the stores' })).toBeVisible();
  await visit(page, '/bikes/00000003-0000-4000-8000-000000000006/rear/order');
  await kept(page, () => page.getByRole('button', { name: /: Washer 5 mm/ }).click());
  await visit(page, '/stores');
  await page.getByTestId('search-stores').fill('plain 5 14');
  await expect(page.getByText('1 on order')).toBeVisible();
  await visit(page, '/bikes/00000003-0000-4000-8000-000000000006/rear/order');
  await kept(page, () => page.getByRole('button', { name: /: Washer 5 mm/ }).click());
  await visit(page, '/stores');
  await page.getByTestId('search-stores').fill('plain 5 14');
  await expect(page.getByText('1 more on bikes')).toBeVisible();
  await visit(page, '/bikes/00000003-0000-4000-8000-000000000006/rear/fit');
  await expect(page.getByTestId('take')).toBeEnabled();
});

test('large stores are searched off the page, with the same answer; a stack changed by hand beyond a limit is not taken', async ({
  page,
  shop,
}) => {
  const fit = `${shop.url}/bikes/00000003-0000-4000-8000-000000000007/rear/fit`;
  await page.goto(fit);
  await expect(page.getByTestId('verdict')).toContainText('Stack 1 of 5');
  const washer = page.getByRole('button', { name: /(left|right) (plain|tabbed) washer/ });
  const before = await washer.evaluateAll((parts) => parts.map((part) => part.getAttribute('aria-label')));
  // Lines that fit no axle here: many, and none of use.
  await shop.query(
    `WITH line AS (
       INSERT INTO part (id, kind, spec, version)
       SELECT gen_random_uuid(), 'plain', jsonb_build_object('boreMm', 20, 'thicknessMm', 1 + n * 0.01), 1 FROM generate_series(1, 60) n RETURNING id
     )
     INSERT INTO store_move (id, part_id, kind, count, at) SELECT gen_random_uuid(), id, 'counted', 5, now() FROM line`,
  );
  const worker = page.waitForEvent('worker');
  await page.goto(fit);
  await worker;
  await expect(page.getByTestId('verdict')).toContainText('Stack 1 of 5');
  expect(await washer.evaluateAll((parts) => parts.map((part) => part.getAttribute('aria-label')))).toEqual(before);
  await page.getByRole('button', { name: /left tabbed washer/ }).click();
  await page.getByRole('button', { name: 'Take out' }).click();
  await expect(page.getByTestId('verdict')).toContainText('Stop');
  await expect(page.getByTestId('take')).toBeDisabled();
  await expect(page.getByText('Add a tabbed washer on the left.').first()).toBeVisible();
});
