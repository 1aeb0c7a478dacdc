import { become, expect, kept, test, visit } from '../support/test';

const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

test('every kit says how it does besides its axle, and the three best ways are drawn and taken', async ({
  page,
  shop,
}) => {
  await become(page, shop, 'installer');
  await page.goto(`${shop.url}${longtail}/rear/match`);
  // Nobody has measured the parts of this one: it does not simply go.
  const blind = page.getByTestId('kit-RW-8-rear');
  await expect(blind).toContainText('Goes at the axle');
  await expect(blind.getByTestId('room-line')).toContainText('Bar, cranks, battery, power: not measured yet');
  await expect(page.getByTestId('kit-RW-3-rear').getByTestId('room-line')).toContainText('Bar, power: goes');
  await page.getByTestId('kit-RW-8-rear').click();
  await expect(page.getByTestId('room-of-kit')).toContainText('It waits for the kit');
  await page.getByTestId('kits-all').click();

  await page.getByTestId('to-ways').click();
  const first = page.getByTestId('way-1');
  await expect(first).toContainText('RW-3 · rear');
  await expect(first).toContainText('Goes after work');
  await expect(first.getByRole('img', { name: /Battery on the down tube/ })).toBeVisible();
  await expect(page.getByTestId('way-2')).toContainText('Not measured yet');
  await expect(page.getByTestId('way-3')).toBeVisible();

  // Another kit puts aside what was measured of the one before.
  await page.getByTestId('way-2').getByTestId('take-way').click();
  await expect(page.getByRole('heading', { name: 'Everything besides the axles' })).toBeVisible();
  await expect(page.getByTestId('room-wiring')).toContainText('not written down yet');
  // Its record knew the battery: that is told of the bike.
  await expect(page.getByTestId('room-bay')).not.toContainText('not written down yet');
  await expect(page.getByTestId('room-bay')).toContainText('changed since it was taken');
});

test('what was measured of a kit is kept with it; what goes is taken in one touch and printed as it was', async ({
  page,
  shop,
}) => {
  await become(page, shop, 'installer');
  await page.goto(`${shop.url}${longtail}/room`);
  await expect(page.getByTestId('kit-parts')).toContainText('throttle and display, plugs');
  await page.getByTestId('keep-with-kit').click();
  await expect(page.getByTestId('kit-parts')).toContainText('Its record says the same as this bike');
  await expect(page.getByTestId('room-bay')).toContainText('· taken');
  await expect(page.getByTestId('room-cables')).not.toContainText('taken');

  // Without network it waits, and is taken once the server is there.
  await page.context().setOffline(true);
  await page.getByTestId('take-all').click();
  await page.context().setOffline(false);
  for (const station of ['levers', 'cranks', 'controller', 'cables', 'wiring']) {
    await expect(page.getByTestId(`room-${station}`)).toContainText('· taken');
  }
  await expect(page.getByTestId('take-all')).toHaveCount(0);

  // What it hangs on is changed: said where it is taken, and at the stand.
  await visit(page, `${longtail}/bay`);
  await expect(page.getByTestId('taken')).toContainText('by Wren');
  await page.getByRole('slider', { name: /push it along its tube/ }).focus();
  await page.keyboard.press('ArrowUp');
  await page.getByTestId('keep-place').click();
  await expect(page.getByTestId('taken-otherwise')).toContainText('what it hangs on has changed since');
  await visit(page, `${longtail}/stand?step=mount-fix`);
  await expect(page.getByTestId('as-taken')).toContainText('120 mm from the bottom bracket');
  await visit(page, `${longtail}/bay`);
  await page.getByTestId('take-arrangement').click();
  await expect(page.getByTestId('taken')).toBeVisible();

  // What has to be got for it is on the order, beside what the axle needs.
  await visit(page, `${longtail}/rear/order`);
  await kept(page, () => page.getByRole('button', { name: 'Ordered: Band round tube and battery' }).click());
  await expect(page.getByRole('button', { name: 'Received: Band round tube and battery' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Received: Band round tube and battery' })).toBeVisible();
});
