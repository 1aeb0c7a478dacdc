import { caliper, expect, keypad, measuring, piecesFetched, test } from '../support/test';

const box = '00000003-0000-4000-8000-000000000001';

test('the server goes away while typing: nothing typed is lost, and it goes out when the server is back', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/bikes/${box}/front/measure?feature=slot-width.left.seat`);
  await measuring(page, 'Left slot, width at the seat');
  await piecesFetched(page);
  await keypad(page, '9.5');
  await shop.stop();
  await keypad(page, '8');
  await page.getByTestId('keep').click();
  await measuring(page, 'Right slot, width at the mouth');
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits');
  await caliper(page, '9.6');
  await measuring(page, 'Right slot, width in the middle');
  await expect(page.getByTestId('sync-strip')).toContainText('2 entries wait');
  await page.getByRole('link', { name: 'Back' }).click();
  await expect(page.getByTestId('next')).toContainText('Measure the right slot in the middle');
  await shop.start();
  await expect(page.getByTestId('sync-strip')).toHaveCount(0, { timeout: 40_000 });
  await expect
    .poll(() =>
      shop.query(
        `SELECT feature, value_mm FROM reading WHERE bike_id = '${box}' AND feature IN ('slot-width.left.seat', 'slot-width.right.mouth') ORDER BY taken_at`,
      ),
    )
    .toEqual([
      { feature: 'slot-width.left.seat', value_mm: 9.58 },
      { feature: 'slot-width.right.mouth', value_mm: 9.6 },
    ]);
});

test('a page closed with an entry waiting sends it the next time', async ({ page, shop, context }) => {
  await page.goto(`${shop.url}/bikes/${box}/front/measure?feature=slot-width.left.seat`);
  await measuring(page, 'Left slot, width at the seat');
  await piecesFetched(page);
  await shop.stop();
  await caliper(page, '9.57');
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits');
  await page.close();
  await shop.start();
  const again = await context.newPage();
  await again.goto(shop.url);
  await expect
    .poll(() =>
      shop.query(`SELECT value_mm FROM reading WHERE bike_id = '${box}' AND feature = 'slot-width.left.seat'`),
    )
    .toEqual([{ value_mm: 9.57 }]);
});

test('a bike taken out meanwhile: the entry is refused in words and stays to be looked at', async ({ page, shop }) => {
  await page.goto(`${shop.url}/bikes/${box}/front/measure?feature=slot-width.left.seat`);
  await measuring(page, 'Left slot, width at the seat');
  await shop.query(`UPDATE bike SET withdrawn_at = now() WHERE id = '${box}'`);
  await caliper(page, '9.57');
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry was refused');
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByText('Refused: This bike was taken out of the shop meanwhile.')).toBeVisible();
  await expect(page.getByText(/ · mm 9\.57( |$)/)).toBeVisible();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByText('Everything is with the server.')).toBeVisible();
});

test('two pages change the same bike: the second sees both versions', async ({ page, shop, context }) => {
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto(`${shop.url}/bikes/${box}/edit`);
    await expect(tab.getByTestId('field-name')).toHaveValue('Bakery box bike');
  }
  await page.bringToFront();
  await page.getByTestId('field-name').fill('Bread box bike');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Bread box bike' })).toBeVisible();
  await other.bringToFront();
  await other.getByTestId('field-name').fill('Bakery bike, green');
  await other.getByRole('button', { name: 'Keep' }).click();
  await expect(other.getByRole('alert')).toContainText('Stored now: MQ-31, Bread box bike');
  await expect(other.getByTestId('field-name')).toHaveValue('Bakery bike, green');
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect(other.getByRole('heading', { name: 'Bakery bike, green' })).toBeVisible();
});

test('two people are at the same drawer: what both do adds up', async ({ page, shop, context }) => {
  const other = await context.newPage();
  for (const tab of [page, other]) await tab.goto(`${shop.url}/stores`);
  const id = '00000002-0000-4000-8000-000000000001';
  const more = { name: 'One more: Plain washers 0.5 mm' };
  for (const tab of [page, other]) await expect(tab.getByTestId(`count-${id}`)).toHaveText('8');
  await Promise.all([page, other].map((tab) => tab.getByRole('button', more).click()));
  for (const tab of [page, other]) await expect(tab.getByTestId(`count-${id}`)).toHaveText('10');
  // Somebody counts them meanwhile: what is put in after that comes on top.
  await shop.query(`INSERT INTO store_move (id, part_id, kind, count, at)
    VALUES (gen_random_uuid(), '${id}', 'counted', 3, now())`);
  await other.getByRole('button', more).click();
  for (const tab of [page, other]) {
    await tab.reload();
    await expect(tab.getByTestId(`count-${id}`)).toHaveText('4');
  }
});

test('a stack is taken while the server is away: it waits in words, and is there once when the server is back', async ({
  page,
  shop,
}) => {
  const trike = '00000003-0000-4000-8000-000000000007';
  await page.goto(`${shop.url}/bikes/${trike}/rear/fit`);
  await expect(page.getByTestId('take')).toBeEnabled();
  await piecesFetched(page);
  await shop.stop();
  await page.getByTestId('take').dblclick();
  await expect(page.getByRole('heading', { name: 'Waits for the server' })).toBeVisible();
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits');
  await shop.start();
  await expect(page.getByText('Left, from the hub outwards')).toBeVisible({ timeout: 45_000 });
  expect(
    await shop.query(`SELECT place, input->'byHand' AS by_hand FROM acceptance WHERE bike_id = '${trike}'`),
  ).toEqual([{ place: 'rear-axle', by_hand: false }]);
});
