import type { Page } from '@playwright/test';

import { longtail, taken } from '../support/taken';
import { accessible, expect, piecesFetched, test, visit } from '../support/test';

test('what came off is tapped onto an empty axle, and played backwards when the bike goes back to stock', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/bikes/${longtail}/stand?step=came-off.rear`);
  const panel = page.getByTestId('off-axle');
  for (const part of ['Nut', 'Stay', 'Washer']) await panel.getByRole('button', { name: part, exact: true }).click();
  await panel.getByTestId('off-thickness').fill('1.5');
  await panel.getByRole('radio', { name: 'Right' }).click();
  for (const part of ['Nut', 'Arm', 'Washer']) await panel.getByRole('button', { name: part, exact: true }).click();
  await panel.getByRole('button', { name: 'Take the last back' }).click();
  // Nothing is lost by a reload; before its turn the step cannot end, and what was tapped is recorded by itself.
  await page.reload();
  await expect(panel.getByText('Washer', { exact: true }).first()).toBeVisible();
  await page.getByTestId('record-change').click();
  await expect(panel.getByText(/^Recorded/)).toBeVisible();
  await visit(page, `/bikes/${longtail}/put-back`);
  const back = page.getByTestId('back-rear');
  await expect(back).toContainText('1  Washer 1.5 mm');
  await expect(back).toContainText('2  Stay');
  await expect(back).toContainText('3  Nut');
  await expect(back).toContainText('1  Arm');
  await expect(page.getByTestId('remains')).toContainText('Nothing was filed');
  await page.getByTestId('remains-where').fill('left grip');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByTestId('remains')).toContainText('left grip cut');
  await accessible(page);
  // A part of the kit that is left out goes on the shelf as what its kit says of it.
  await visit(page, `/bikes/${longtail}/stand?step=parts-fate`);
  const fates = page.getByTestId('fates');
  await fates.getByRole('radiogroup', { name: 'Controller' }).getByRole('radio', { name: 'Left out' }).click();
  await page.getByTestId('record-change').click();
  await fates.getByRole('link', { name: 'Put it on the shelf' }).click();
  await expect(page.getByTestId('field-label')).toHaveValue('Controller');
  await expect(page.getByTestId('field-spec.fullV')).toHaveValue('42');
  await expect(page.getByTestId('field-spec.batteryA')).toHaveValue('18');
  await accessible(page);
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(fates.getByText('On the shelf')).toBeVisible();
  await visit(page, `/bikes/${longtail}/put-back`);
  await expect(page.getByText('Controller: left out')).toBeVisible();
  await expect(page.getByText('On the shelf')).toBeVisible();
  const shelf = `SELECT spec FROM part WHERE kind = 'controller' AND label = 'Controller'`;
  await expect.poll(() => shop.query(shelf)).toEqual([{ spec: { fullV: 42, batteryA: 18 } }]);
});

test('a short parcel becomes a claim; a problem stays until it is put right; a step can be undone', async ({
  page,
  shop,
}) => {
  await taken(page, shop);
  await page.getByTestId('step-done').click();
  await expect(page.getByTestId('step-title')).toContainText('against its packing list');
  await page.getByRole('button', { name: 'One fewer: Axle nut' }).click();
  await page.getByTestId('parcel-damage').fill('Box crushed at one corner');
  // A missing part is no "all right"; what is on the screen is recorded by the one button that there is.
  await expect(page.getByTestId('step-done')).toHaveCount(0);
  await page.getByTestId('record-missing').click();
  await expect(page.getByRole('alert').filter({ hasText: 'Axle nut: 1 of 2' })).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('parcel-damage')).toHaveValue('Box crushed at one corner');
  await expect(page.getByText('1 of 2', { exact: true })).toBeVisible();
  await page.getByTestId('write-claim').click();
  await expect(page.getByTestId('claim')).toContainText('Axle nut: 2 on the list, 1 in the parcel');
  await expect(page.getByTestId('claim')).toContainText('Box crushed at one corner');
  await accessible(page);
  await visit(page, `/bikes/${longtail}/stand?step=parcel-count.rear`);
  await page.getByRole('button', { name: 'Problem' }).click();
  await page.getByTestId('step-because').fill('one nut is missing');
  await page.getByTestId('keep-because').click();
  await expect(page.getByRole('alert').filter({ hasText: 'one nut is missing' })).toBeVisible();
  // The second nut has come: only now it is all right.
  await page.getByRole('button', { name: 'One more: Axle nut' }).click();
  await page.getByTestId('step-done').click();
  await page.getByRole('button', { name: 'Step before' }).click();
  await expect(page.getByTestId('step-ended')).toContainText('Done');
  await page.getByRole('button', { name: 'Not done after all' }).click();
  await expect(page.getByTestId('step-done')).toBeVisible();
  await visit(page, `/bikes/${longtail}/journal`);
  await expect(page.getByText(/one nut is missing/)).toBeVisible();
});

test('the simulated caliper measures an end, slips and all', async ({ page, shop }) => {
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000001/front/measure`);
  const heading = page.getByRole('heading', { level: 1 });
  const first = await heading.innerText();
  // One reading is enough; after a slip the page asks for another.
  await expect(async () => {
    if ((await heading.innerText()) === first) await page.getByTestId('simulated-caliper').click();
    await expect(heading).not.toHaveText(first, { timeout: 8_000 });
  }).toPass({ timeout: 90_000 });
});

test(
  'two phones on one job: each sees what the other has done, and both words are kept',
  { tag: '@two-servers' },
  async ({ browser, shop }, { project }) => {
    const phones = await Promise.all([0, 1].map(async () => (await browser.newContext(project.use)).newPage()));
    const [one, other] = phones as [Page, Page];
    await taken(one, shop);
    await taken(other, shop);
    // The other phone cannot hear: it does the same step at the same time.
    await other.context().setOffline(true);
    await one.getByTestId('step-done').click();
    await expect(one.getByTestId('step-title')).toContainText('against its packing list');
    await other.getByTestId('step-done').click();
    await expect(other.getByTestId('step-title')).toContainText('against its packing list');
    await other.context().setOffline(false);
    await expect(other.getByTestId('sync-strip')).toHaveCount(0);
    // And then the next one.
    await other.getByTestId('step-done').click();
    await expect(other.getByTestId('step-title')).toHaveText('Measure the hub against the order');
    await expect
      .poll(() =>
        shop.query<{ step: string }>(
          `SELECT coalesce(data->>'stepId', kind) AS step FROM job_event WHERE bike_id = '${longtail}' ORDER BY 1`,
        ),
      )
      // With the step goes what was counted.
      .toEqual(['parcel-count.rear', 'parcel-look.rear', 'parcel-look.rear', 'received'].map((step) => ({ step })));
    // The first phone is told of it, through whichever server; its page stays where its thumb is.
    await expect(one.getByTestId('meanwhile')).toContainText('Wren ended this step just now');
    await expect(one.getByTestId('step-title')).toContainText('against its packing list');
    await one.getByTestId('next-step').click();
    await expect(one.getByTestId('step-title')).toHaveText('Measure the hub against the order');
    await Promise.all(phones.map((phone) => phone.context().close()));
  },
);

test('what was entered without network and is not taken comes back as a question at its step', async ({
  page,
  shop,
  context,
}) => {
  await taken(page, shop);
  await piecesFetched(page);
  await context.setOffline(true);
  await page.getByTestId('step-done').click();
  await expect(page.getByTestId('step-title')).toContainText('against its packing list');
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits here');
  // Meanwhile somebody else looks at the same parcel.
  await shop.query(
    `INSERT INTO job_event (id, bike_id, kind, place, schema_version, data, at, person_name)
     VALUES (gen_random_uuid(), '${longtail}', 'step', 'rear-axle', 2,
       '{"stepId": "parcel-look.rear", "how": "problem", "because": "A corner is crushed"}',
       now() + interval '5 minutes', 'Odile')`,
  );
  await context.setOffline(false);
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry was refused', { timeout: 60_000 });
  await visit(page, `/bikes/${longtail}/stand?step=parcel-look.rear`);
  const question = page.getByTestId('refused-here');
  await expect(question).toContainText('Odile said that something is wrong with it');
  await expect(page.getByRole('alert').filter({ hasText: 'A corner is crushed' })).toBeVisible();
  await accessible(page);
  await question.getByTestId('look-again').click();
  await expect(question).toHaveCount(0);
  await expect(page.getByTestId('sync-strip')).toHaveCount(0);
  // What was done stays what happened.
  await visit(page, `/bikes/${longtail}/journal`);
  await expect(page.getByText(/Look the parcel over: done/)).toBeVisible();
});

test('drawings and words turn with the bike; nuts that reached less than planned say at once what still holds the axle', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/bikes/${longtail}/stand?step=axle-tight.rear`);
  const drawing = page.getByTestId('drawing-axle');
  await expect(drawing).toContainText(/rider’s left.*rider’s right/s);
  await page.getByRole('radio', { name: 'Upside down' }).click();
  await expect(drawing).toContainText(/rider’s right.*rider’s left/s);
  for (const [check, figure] of [
    ['nut-left', '47'],
    ['nut-right', '30'],
  ] as const) {
    await page.getByTestId(`enter-${check}`).click();
    await page.keyboard.type(figure);
    await page.keyboard.press('Enter');
  }
  const reached = page.getByTestId('as-reached');
  await expect(reached).toContainText('With 47 and 30 N·m');
  await expect(reached).toContainText(/Goes|Stop/);
  // Whatever the sum says, the step is not done short of its torque.
  await expect(page.getByText('30 N·m is short of 50 N·m.')).toBeVisible();
  await expect(page.getByTestId('go-first')).toBeVisible();
  await expect(page.getByTestId('step-done')).toHaveCount(0);
});

test('washers that are on the axle otherwise than planned are judged and taken at the step itself', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/bikes/${longtail}/stand?step=inside-washers.rear`);
  const panel = page.getByTestId('as-fitted');
  await expect(panel).toContainText('As planned');
  await expect(page.getByTestId('take-as-fitted')).toHaveCount(0);
  // Taking the tab out is never fine.
  await panel.getByRole('button', { name: /left tabbed washer/ }).click();
  await panel.getByRole('button', { name: 'Take out', exact: true }).click();
  await expect(page.getByTestId('as-fitted-verdict')).toContainText('Stop');
  await expect(page.getByTestId('take-as-fitted')).toBeDisabled();
  await panel.getByRole('button', { name: 'As planned after all' }).click();
  await expect(panel).toContainText('As planned');
  // Measured together a side is a little thinner than listed: the fit follows, and is taken so.
  await page.getByTestId('enter-stack-right').click();
  const listed = await shop.query<{ mm: number }>(
    `SELECT (result->'stack'->'right'->>'totalMm')::float8 AS mm FROM acceptance WHERE bike_id = '${longtail}'`,
  );
  const right = listed[0]!.mm - 0.1;
  await page.keyboard.type(String(right));
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('as-fitted-verdict')).toContainText(/Goes/);
  await page.getByTestId('take-as-fitted').click();
  await expect(panel).toContainText(`As planned: `);
  await expect
    .poll(() =>
      shop.query<{ mm: number }>(
        `SELECT (result->'stack'->'right'->>'totalMm')::float8 AS mm FROM acceptance
         WHERE bike_id = '${longtail}' ORDER BY accepted_at DESC LIMIT 1`,
      ),
    )
    .toEqual([{ mm: right }]);
  await accessible(page);
});

test('a rim found off the middle is judged on the spot, and better washers are named and taken there and then', async ({
  page,
  shop,
}) => {
  const stacks = () =>
    shop.query<{ many: number }>(`SELECT count(*)::int AS many FROM acceptance WHERE bike_id = '${longtail}'`);
  const [before] = await stacks();
  await page.goto(`${shop.url}/bikes/${longtail}/stand?step=middle.rear`);
  await page.getByTestId('enter-rim-left-right').click();
  await page.keyboard.type('3.4');
  await page.keyboard.press('Enter');
  const found = page.getByTestId('as-found');
  await expect(found).toContainText('Goes after work');
  await expect(found).toContainText('Found +1.7 mm off the middle');
  await expect(found).toContainText('more than readings scatter');
  await expect(found).toContainText('With the rim as found, these bring it to');
  await found.getByRole('button', { name: 'Change the washers' }).click();
  await expect(page.getByTestId('as-fitted')).toContainText('As planned');
  await visit(page, `/bikes/${longtail}/stand?step=middle.rear`);
  await page.getByTestId('take-better').click();
  await expect(page.getByTestId('step-title')).toHaveText('Thread the inside washers, hub outwards');
  await expect.poll(stacks).toEqual([{ many: before!.many + 1 }]);
});
