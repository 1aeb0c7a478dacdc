import { readFile } from 'node:fs/promises';

import { accessible, become, expect, test, visit } from '../support/test';

test('the stores go out as CSV and come in again, all or nothing; a bolt is put in and found again', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/files`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Stores as CSV' }).click(),
  ]);
  const csv = await readFile(await download.path(), 'utf8');
  const drawers = async () =>
    ((await (await page.request.get(`${shop.url}/api/stores`)).json()) as { id: string; count: number }[]).map(
      ({ id, count }) => [id, count],
    );
  const before = await drawers();
  expect(csv.trim().split('\r\n')).toHaveLength(before.length + 1);

  // One bad line: it is named, and nothing can be read in.
  const choose = page.getByTestId('choose-file');
  const lines = csv.split('\r\n');
  const column = lines[0]!.split(',').indexOf('count');
  const cells = lines[3]!.split(',');
  cells[column] = '-7';
  const spoilt = [...lines.slice(0, 3), cells.join(','), ...lines.slice(4)].join('\r\n');
  await choose.setInputFiles({ name: 'stores.csv', mimeType: 'text/csv', buffer: Buffer.from(spoilt) });
  await expect(page.getByText(/Line 3, count: count is -7; it must be a whole number from 0 to 9999/)).toBeVisible();
  await expect(page.getByTestId('read-in')).toHaveCount(0);

  // Not text at all.
  await choose.setInputFiles({
    name: 'stores.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([0xff, 0xfe, 0x00, 0x41]),
  });
  await expect(page.getByText(/not UTF-8/)).toBeVisible();

  await choose.setInputFiles({ name: 'stores.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByTestId('preview')).toContainText(`0 new, ${before.length} written over`);
  await page.getByTestId('read-in').click();
  await expect(page.getByText(`${before.length} lines are in.`)).toBeVisible();
  expect(await drawers()).toEqual(before);

  // One more line by hand is found again.
  await visit(page, '/stores/new');
  await page.getByRole('radio', { name: 'Rotor bolts' }).click();
  await page.getByTestId('field-spec.threadMm').fill('5');
  await page.getByTestId('field-count').fill('12');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Enter a figure from 1 to 330 mm.')).toBeVisible();
  await page.getByTestId('field-spec.lengthMm').fill('14');
  await page.getByRole('button', { name: 'Keep' }).click();
  await page.getByTestId('search-stores').fill('rotor bolts 14');
  await expect(page.getByRole('link', { name: 'Change Rotor bolts 14 mm' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Change Torque arms/ })).toHaveCount(0);
});

test('a bike is found by its name, one that was taken out, too: it comes back', async ({ page, shop }) => {
  await page.goto(shop.url);
  await page.getByTestId('find-bike').fill('tandem');
  await expect(page.getByText('Club tandem', { exact: false }).last()).toBeVisible();
  await page.getByTestId('find-bike').fill('zeppelin');
  await expect(page.getByText('No bike in the shop is called "zeppelin".')).toBeVisible();

  await visit(page, '/bikes/00000003-0000-4000-8000-000000000004/edit');
  await page.getByRole('button', { name: 'Take out of the shop' }).click();
  await page.getByRole('button', { name: 'Take out? Nothing is deleted.' }).click();
  await expect(page.getByText('MQ-31')).toBeVisible();
  await expect(page.getByText('MQ-35')).toHaveCount(0);
  await page.getByTestId('find-bike').fill('tourer');
  await page.getByText(/Drop-bar tourer .* taken out of the shop/).click();
  await page.getByTestId('bring-back').click();
  await expect(page.getByTestId('go-on')).toBeVisible();
  await visit(page, '/');
  await expect(page.getByText('MQ-35')).toBeVisible();
});

test('a job goes out of one shop and into another, exactly; its stack counts once the owner answers for it', async ({
  page,
  shop,
}) => {
  const bike = '00000003-0000-4000-8000-000000000003';
  await page.goto(`${shop.url}/bikes/${bike}/edit`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'This job as one file' }).click(),
  ]);
  const text = await readFile(await download.path(), 'utf8');
  // The other shop has never seen this bike.
  for (const table of [
    'photo',
    'reading',
    'choice',
    'acceptance',
    'order_line',
    'job_event',
    'store_move',
    'journal',
  ]) {
    await shop.query(`DELETE FROM ${table} WHERE bike_id = '${bike}'`);
  }
  await shop.query(`DELETE FROM bike WHERE id = '${bike}'`);
  await page.goto(`${shop.url}/files`);
  await page.getByRole('radio', { name: 'One job' }).click();
  await page
    .getByTestId('choose-job')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{') });
  await expect(page.getByText(/not valid JSON/)).toBeVisible();
  await page
    .getByTestId('choose-job')
    .setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText(/MQ-33 School-run longtail, \d+ readings/)).toBeVisible();
  await page.getByTestId('job-in').click();
  // Nobody here has answered for the other shop's stack.
  await expect(page.getByTestId('not-vouched')).toContainText('From a file: 1 stack');
  await expect(page.getByTestId('next')).not.toContainText('Look the parcel over');
  await accessible(page);
  const again = await (await page.request.get(`${shop.url}/api/jobs/${bike}`)).json();
  const sent = JSON.parse(text);
  for (const taken of sent.record.acceptances) taken.imported = true;
  expect(again).toEqual(sent);
  await become(page, shop, 'owner');
  await page.reload();
  await page.getByTestId('ask-vouch').click();
  await page.getByTestId('vouch-because').fill('ours');
  await expect(page.getByTestId('keep-vouch')).toBeDisabled();
  await page.getByTestId('vouch-because').fill('Our other shop, the same people and tools');
  await page.getByTestId('keep-vouch').click();
  await expect(page.getByTestId('vouched')).toContainText('answers for what came in with the file: Our other shop');
  await expect(page.getByTestId('next')).toContainText('Look the parcel over');
});
