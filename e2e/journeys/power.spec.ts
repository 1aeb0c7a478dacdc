import { expect, test, visit } from '../support/test';

const nurse = '/bikes/00000003-0000-4000-8000-000000000002';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

test('the way of the current is written down from cell to motor, and stopped where it would burn', async ({
  page,
  shop,
}) => {
  const fill = async (figures: Record<string, string>) => {
    for (const [name, value] of Object.entries(figures)) await page.getByTestId(`field-${name}`).fill(value);
  };
  const choose = (field: string, name: string) =>
    page.getByTestId(`field-${field}`).getByRole('radio', { name, exact: true }).click();
  const verdict = (text: string) => expect(page.getByText(text, { exact: true }).first()).toBeVisible();
  const keep = (name: string) => page.getByTestId(`keep-${name}`).click();
  const add = async (kind: string, figures: Record<string, string>, choices: Record<string, string> = {}) => {
    await page.getByTestId('add-element').click();
    await page.getByRole('radio', { name: kind, exact: true }).click();
    await fill(figures);
    for (const [name, value] of Object.entries(choices)) await choose(name, value);
    await keep('element');
    await expect(page.getByTestId('add-element')).toBeVisible();
  };
  await page.goto(shop.url + nurse);
  await page.getByRole('link', { name: /^Power/ }).click();
  await expect(page.getByText('Still to be written down')).toBeVisible();

  await page.getByTestId('power-pack').click();
  await fill({ cells: '13', ah: '14', continuousA: '30', peakA: '20', packMilliohm: '120', cutoffVPerCell: '3' });
  await keep('pack');
  await expect(page.getByText('It gives no less for a moment than for long.').first()).toBeVisible();
  await page.getByTestId('field-peakA').fill('50');
  await keep('pack');
  await page.getByTestId('power-controller').click();
  await fill({ batteryA: '20', phaseA: '40', minV: '36', maxV: '60', lowCutV: '40' });
  await keep('controller');
  await page.getByTestId('power-charger').click();
  await fill({ chargerV: '54.6', chargerA: '4' });
  await keep('charger');

  await add('Plug', { ratedA: '45', ratedV: '90' }, { deadWhenOpen: 'Yes', sparkRated: 'Yes' });
  await verdict('Not measured yet');
  await expect(page.getByText('Nobody has said yet what else is fed from the pack.')).toBeVisible();
  await page.getByTestId('nothing-else').click();
  // No fuse yet: one that fits is named.
  await expect(page.getByText(/A fuse of 25 A protects this path/)).toBeVisible();
  await verdict('Goes after work');
  await add('Fuse', { ratedA: '30', ratedV: '80', breakA: '1000' });
  await add('Motor leads', { ratedA: '45' });
  await verdict('Goes');

  // A thin lead of a metal that nobody has looked at, and copper twisted with aluminium: without network.
  await page.context().setOffline(true);
  await add('Lead', { size: '1', lengthM: '0.6' });
  await verdict('Stop');
  await expect(page.getByText(/It is not known which metal a lead is/)).toBeVisible();
  await page.getByTestId('set-limit').click();
  await expect(page.getByTestId('set-limit')).toHaveCount(0);
  await expect(page.getByTestId('power-controller')).toContainText('4 A');
  await page.getByTestId('element-2').click();
  await fill({ size: '4' });
  await choose('metal', 'Copper');
  await keep('element');
  await verdict('Goes');
  await add('Joint', {}, { other: 'Aluminium' });
  await expect(page.getByText(/Copper and aluminium joined/)).toBeVisible();
  await verdict('Stop');
  await page.getByTestId('element-3').click();
  await choose('jointRated', 'Yes');
  await keep('element');
  await verdict('Goes');
  await page.context().setOffline(false);
  await expect(page.getByText(/waits? for the server/)).toHaveCount(0);
  await page.reload();
  await verdict('Goes');

  // A light for another voltage stops it; so does a controller that does not stand the full pack.
  await page.getByTestId('add-accessory').click();
  await fill({ fromV: '6', toV: '42', watts: '6' });
  await choose('works', 'It works');
  await keep('accessory');
  await expect(page.getByText('Front light takes 6 V to 42 V; the pack has 39 V to 54.6 V.')).toBeVisible();
  await page.getByRole('link', { name: /Front light/ }).click();
  await fill({ toV: '60' });
  await keep('accessory');
  await verdict('Goes');
  await page.getByTestId('power-controller').click();
  await fill({ maxV: '52' });
  await keep('controller');
  await expect(page.getByText('The controller takes 36 V to 52 V; the full pack has 54.6 V.')).toBeVisible();
  await verdict('Stop');

  // Above what the pack gives it stops, and the setting that relieves it is named.
  await page.getByTestId('power-controller').click();
  await fill({ maxV: '60', batteryA: '40' });
  await keep('controller');
  await verdict('Stop');
  await expect(page.getByText(/The pack gives 30 A/).first()).toBeVisible();

  // At the stand it stands beside the step that closes the plugs.
  await visit(page, `${longtail}/stand?step=plugs`);
  await expect(page.getByTestId('as-taken').first()).toContainText('fuse 25 A');
});
