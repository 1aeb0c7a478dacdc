import { become, expect, test, visit } from '../support/test';

const tourer = '/bikes/00000003-0000-4000-8000-000000000004/front';

test('the lock page answers to every push; what is told of the ride changes the verdict', async ({ page, shop }) => {
  await page.goto(`${shop.url}${tourer}/lock`);
  const verdict = page.getByTestId('lock-verdict');
  await expect(verdict).toContainText('Goes');
  const before = await verdict.textContent();
  await page.getByRole('radiogroup', { name: 'Arms' }).getByRole('radio', { name: 'None' }).click();
  await expect(verdict).toContainText('Goes after work');
  await expect(page.getByText(/Add a .* arm/).first()).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Arms' }).getByRole('radio', { name: 'Two' }).click();
  await expect(verdict).not.toHaveText(before!);
  // An over-tightened nut is never a remedy.
  await page.getByTestId('slide-nut').fill('60');
  await expect(verdict).toContainText('Stop');
  await expect(page.getByText(/over-tightened/).first()).toBeVisible();
  await page.getByRole('button', { name: 'As planned' }).click();
  await expect(verdict).toHaveText(before!);

  // Take-in names what does not hold, and keeps what was typed.
  await visit(page, tourer.replace('front', 'take-in'));
  await page.getByTestId('field-riderKg').fill('heavy');
  await page.getByTestId('field-climb').fill('99');
  await page.getByTestId('keep-take-in').click();
  await expect(page.getByText('"heavy" is not a figure; enter one from 20 to 250 kg.')).toBeVisible();
  await expect(page.getByText('99 is out of range; enter a figure from 0 to 40 %.')).toBeVisible();
  await expect(page.getByTestId('field-riderKg')).toHaveValue('heavy');
  await page.getByTestId('field-riderKg').fill('74');
  await page.getByTestId('field-climb').fill('18');
  await page.getByTestId('keep-take-in').click();
  await expect(page).not.toHaveURL(/take-in/);
  await visit(page, `${tourer}/fit`);
  // A steep climb: the same kit is judged anew.
  await expect(page.getByRole('button', { name: /climb/ }).first()).toBeVisible();
});

test('a tighter limit changes the verdict, a bad one is named, and the default comes back', async ({ page, shop }) => {
  await become(page, shop, 'owner');
  await page.goto(`${shop.url}/limits`);
  const steel = page.getByTestId('limit-fileMm.steel');
  await steel.fill('9');
  await expect(page.getByText('9 is out of range; enter a figure from 0 to 3 mm.')).toBeVisible();
  await expect(page.getByTestId('keep-limits')).toBeDisabled();
  await steel.fill('0.1');
  await page.getByTestId('keep-limits').click();
  await expect(page.getByTestId('keep-limits')).toHaveCount(0);
  const fit = '/bikes/00000003-0000-4000-8000-000000000002/rear/fit';
  await visit(page, fit);
  await expect(page.getByTestId('verdict')).toContainText('Stop');
  await visit(page, '/limits');
  await expect(steel).toHaveValue('0.1');
  await page.getByRole('button', { name: /Back to the default: Most metal to file off a slot.* steel/ }).click();
  await page.getByTestId('keep-limits').click();
  await expect(page.getByTestId('keep-limits')).toHaveCount(0);
  await visit(page, fit);
  await expect(page.getByTestId('verdict')).toContainText('Goes after work');
});

test('two kits are compared, and one is taken', async ({ page, shop }) => {
  await page.goto(`${shop.url}${tourer}/match`);
  // Fewer on request: by end, what stops by itself, brake and price; nothing is left out unasked.
  const filter = page.getByTestId('kit-filter');
  await expect(filter).toHaveText(/^Shown: all \d+$/);
  await filter.click();
  await page.getByRole('radio', { name: 'Not stopped by itself' }).click();
  await expect(page.getByTestId('kit-list').getByText('Stop', { exact: true })).toHaveCount(0);
  await page.getByTestId('filter-most').fill('1');
  await expect(page.getByText('Nothing in the catalogue is all of what is asked for.')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).first().click();
  await expect(filter).toHaveText(/^Shown: all \d+$/);
  // On a phone the list comes first, one kit on tap.
  await page.getByTestId('kit-FW-1-front').click();
  const compare = page.getByRole('button', { name: 'Compare', exact: true });
  await compare.click();
  await page.getByRole('button', { name: 'After', exact: true }).click();
  await compare.click();
  const table = page.getByTestId('compared');
  await expect(table).toContainText('FW-1 · front');
  await expect(table).toContainText('Hands on');
  const together = /€[\d\u00a0]+/.exec(await table.getByText(/^€/).first().innerText())![0];
  await table.getByRole('button', { name: /Take FW-1 at/ }).click();
  await expect(page.getByTestId('order-list')).toContainText('Kit FW-1');

  // The list of kits, the order, the quote and the fit say one sum and the same hours.
  const sums = page.getByTestId('cost-sums');
  await expect(sums).not.toContainText('Tools to buy');
  const all = (await sums.getByRole('row').last().innerText()).split('\n')[1]!;
  expect(Math.round(Number(all.replace(/[^\d.]/g, '')))).toBe(Number(together.replace(/\D/g, '')));
  const work = /Work: (.*), €60 an hour/.exec(await sums.innerText())![1]!;
  const order = new URL(page.url()).pathname;
  await visit(page, order.replace('/order', '/fit'));
  await expect(page.getByTestId('costs')).toHaveText(`${all} together; work ${work}`);

  // A tool that the shop has not is bought with this job, until it is recorded that it hangs on the wall.
  await become(page, shop, 'owner');
  await page.goto(`${shop.url}/tools`);
  await page.getByRole('checkbox', { name: 'Multimeter' }).click();
  await expect(page.getByRole('checkbox', { name: 'Multimeter' })).not.toBeChecked();
  await visit(page, order);
  await expect(sums).toContainText('Tools to buy€25');
  await page.getByRole('button', { name: 'We have it: Multimeter' }).click();
  await expect(sums).not.toContainText('Tools to buy');
  await expect(sums.getByRole('row').last()).toContainText(all);
  await page.emulateMedia({ media: 'print' });
  const quote = page.getByText(/^Work: .* an hour$/).last();
  await expect(quote).toHaveText(`Work: ${work}, €60 an hour`);
  await expect(page.getByText(all, { exact: true }).last()).toBeVisible();
});
