import { Hand, measuredFront } from '../support/hand';
import { Stand } from '../support/stand';
import { expect, test } from '../support/test';

test('two servers on one database, request by request in turn, do a whole job', async ({ page, shop }) => {
  test.setTimeout(300_000);
  const hand = new Hand(page, 'caliper');
  await measuredFront(hand, shop.url, 'TS-1', 'Two servers');
  await page.getByRole('link', { name: 'Back' }).first().click();
  await page.getByTestId('go-on').click();
  await page.getByRole('button', { name: 'Take FW-1 at the front' }).first().click();
  await page.getByTestId('to-fit').click();
  await page.getByTestId('take').click();
  await expect(page.getByText(/Taken .* by Wren/)).toBeVisible();
  const bikeId = /bikes\/([^/]+)/.exec(page.url())![1]!;
  await page.goto(`${shop.url}/bikes/${bikeId}/stand`);
  const steps = await new Stand(page).walk();
  await expect
    .poll(async () => {
      const [row] = await shop.query<{ many: string }>(
        `SELECT count(DISTINCT data->>'stepId') AS many FROM job_event WHERE bike_id = '${bikeId}'`,
      );
      return Number(row!.many);
    })
    .toBe(steps);
  // Handing the phone over on one server holds on the other.
  await page.goto(`${shop.url}/shop`);
  await page.getByRole('radio', { name: 'Learner' }).click();
  await expect(page.getByTestId('who')).toHaveText('Tolly, learner');
  await page.reload();
  await expect(page.getByTestId('who')).toHaveText('Tolly, learner');
  expect(Math.min(...shop.served)).toBeGreaterThan(50);
});
