import { become, expect, test, visit } from '../support/test';

const tourer = '/bikes/00000003-0000-4000-8000-000000000004';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

test('one-piece levers without cut-off get a switch, and the job follows', async ({ page, shop }) => {
  const verdict = (text: string) => expect(page.getByText(text, { exact: true }).first()).toBeVisible();
  const choose = (field: string, name: string) =>
    page.getByTestId(`field-${field}`).getByRole('radio', { name, exact: true }).click();
  await page.goto(shop.url + longtail);
  await page.getByRole('link', { name: /^Brake levers/ }).click();
  await page.getByTestId('lever-figures').click();
  await page.getByTestId('field-handReachMm').fill('500');
  await page.getByTestId('keep-levers').click();
  await expect(page.getByText('500 is out of range; enter a figure from 20 to 150 mm.').first()).toBeVisible();
  await page.getByTestId('field-handReachMm').fill('66');
  await choose('frontOne', 'Yes');
  await choose('rearOne', 'Yes');
  await choose('swap', 'Yes');
  await page.getByTestId('keep-levers').click();

  // They change hands: cables go along, and both brakes are held. The lever near the limit is named.
  await expect(page.getByTestId('chosen-front')).toContainText('New inner cable, housing to length, ferrules on');
  await expect(page.getByText('Hold each brake by itself against a push before any power.')).toBeVisible();
  await verdict('Goes after work');
  await expect(page.getByText(/replaced by kit lever 1/).first()).toBeVisible();
  await page.context().setOffline(true);
  await page.getByTestId('take-levers').click();
  await expect(page.getByText('It is to be built so.')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText(/waits? for the server/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('It is to be built so.')).toBeVisible();
  await visit(page, `${longtail}/stand?step=both-brakes`);
  await expect(page.getByText('Both brakes hold, each against a push').first()).toBeVisible();

  // With a throttle, and without the kit's levers, a separate switch cuts the motor; without that it stops, and says
  // how far it runs on.
  await visit(page, `${longtail}/rear/wheel`);
  await page.getByRole('button', { name: 'Take RW-7', exact: true }).click();
  await expect(page).not.toHaveURL(/wheel$/);
  await visit(page, `${longtail}/levers`);
  await page.getByTestId('lever-figures').click();
  await choose('swap', 'No');
  await choose('kitPull', 'None');
  await choose('inLine', '1');
  await page.getByTestId('keep-levers').click();
  await expect(page.getByText(/switch in the cable 1/).first()).toBeVisible();
  await page.getByTestId('lever-figures').click();
  await choose('inLine', 'None');
  await choose('atLever', 'None');
  await page.getByTestId('keep-levers').click();
  await verdict('Stop');
  await expect(
    page.getByText(/There is a throttle, and no brake cuts the motor\. .*runs on .* m/).first(),
  ).toBeVisible();
  // The owner may answer for it, with a reason that says something.
  await become(page, shop, 'owner');
  await page.reload();
  await page.getByTestId('sign-arrangement').click();
  await page.getByTestId('arrangement-because').fill('no');
  await expect(page.getByTestId('keep-arrangement')).toBeDisabled();
  await page.getByTestId('arrangement-because').fill('One-piece levers stay: both brakes were tried at full power.');
  await page.getByTestId('keep-arrangement').click();
  await expect(page.getByTestId('taken')).toContainText('Taken so on');

  // What is not known is asked for.
  await visit(page, `${tourer}/levers`);
  await expect(page.getByText(/Write down the levers/).first()).toBeVisible();
});

test('plugs are written down and meet contact by contact', async ({ page, shop }) => {
  const verdict = (text: string) => expect(page.getByText(text, { exact: true }).first()).toBeVisible();
  const add = async (id: string, on: string, to: string, gender: string, carries: string[]) => {
    await page.getByTestId('add-plug').click();
    for (const [name, value] of Object.entries({ id, on, to, family: 'round three' })) {
      await page.getByTestId(`field-${name}`).fill(value);
    }
    await page.getByTestId('field-gender').getByRole('radio', { name: gender, exact: true }).click();
    for (const [at, value] of carries.entries())
      await page.getByTestId(`carries-${at + 1}`).selectOption({ label: value });
    await page.getByTestId('keep-plug').click();
    await expect(page.getByTestId('add-plug')).toBeVisible();
  };
  await page.goto(shop.url + tourer);
  await page.getByRole('link', { name: /^Plugs/ }).click();
  await expect(page.getByText(/Write down the plugs, one after the other/)).toBeVisible();
  await page.getByTestId('add-plug').click();
  await page.getByTestId('keep-plug').click();
  await expect(page.getByText('Give it a name.').first()).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).click();

  await add('throttle lead', 'throttle', 'controller', 'Pins', ['throttle', 'ground', 'supply of a sensor']);
  await add('to throttle', 'controller', 'throttle', 'Sockets', ['supply of a sensor', 'ground', 'throttle']);
  await verdict('Stop');
  await expect(page.getByText(/2 contacts meet what it must not: something burns/)).toBeVisible();
  await expect(page.getByRole('img', { name: 'Wiring: one join.' })).toBeVisible();

  // Moved in their shell they meet, and the table says which goes where.
  await page.context().setOffline(true);
  await page.getByTestId('repin').getByRole('radio', { name: 'Yes' }).click();
  await verdict('Goes after work');
  await expect(page.getByText(/from place \d to place \d/).first()).toBeVisible();
  await add('to light', 'controller', 'light', 'Sockets', ['light +', 'light −', 'nothing']);
  await expect(page.getByText('Stay open, and are capped')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText(/waits? for the server/)).toHaveCount(0);
  await page.reload();
  await verdict('Goes after work');

  // At the stand the joins are beside the step that closes them.
  await visit(page, `${longtail}/stand?step=plugs`);
  await expect(page.getByText('To motor — Motor lead').first()).toBeVisible();
});
