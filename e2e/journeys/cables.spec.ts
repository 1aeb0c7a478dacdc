import { expect, test, visit } from '../support/test';

const nurse = '/bikes/00000003-0000-4000-8000-000000000002';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

test('cables are led over places that are pushed to where they are, and followed over every movement', async ({
  page,
  shop,
}) => {
  const fill = async (figures: Record<string, string>) => {
    for (const [name, value] of Object.entries(figures)) await page.getByTestId(`field-${name}`).fill(value);
  };
  const verdict = (text: string) => expect(page.getByText(text, { exact: true }).first()).toBeVisible();
  const lead = async (name: string, length: string, plug: string, places: string[]) => {
    await page.getByTestId('add-cable').click();
    await fill({ id: name, suppliedMm: length, plug });
    for (const place of places) await page.getByTestId('field-path').getByRole('button', { name: place }).click();
    await page.getByTestId('keep-cable').click();
    await expect(page.getByTestId('add-cable')).toBeVisible();
  };
  await page.goto(shop.url + nurse);
  await page.getByRole('link', { name: /^Cables/ }).click();
  await expect(page.getByText('Still to be written down')).toBeVisible();

  await page.getByTestId('cables-steering').click();
  await fill({ pointX: '470', pointY: '430', angleDeg: '7', lockLeft: '65', lockRight: '65', forkTravelMm: '0' });
  await page.getByTestId('keep-steering').click();
  await expect(page.getByText('7 is out of range; enter a figure from 20 to 110 °.').first()).toBeVisible();
  await page.getByTestId('field-angleDeg').fill('72');
  await page.getByTestId('keep-steering').click();
  await page.getByTestId('cables-turning').click();
  await fill({ rearX: '-440', rearY: '65', rearRadius: '350', rearHalf: '25', frontX: '640', frontY: '65' });
  await fill({ frontRadius: '350', frontHalf: '25', crankRadius: '190', crankHalf: '65' });
  await page.getByTestId('keep-turning').click();

  // Usual places are guesses: nothing goes over them until each has been put where it is.
  await page.getByTestId('usual-places').click();
  await lead('Throttle', '900', 'three-pin', ['Throttle', 'Stem', 'Head tube', 'Down tube', 'Controller']);
  await verdict('Not measured yet');
  await expect(page.getByText(/Nobody has measured where these are on this bike: Throttle/)).toBeVisible();
  for (const place of ['Throttle', 'Stem', 'Head tube', 'Down tube', 'Controller']) {
    await page.getByTestId(`place-${place}`).focus();
    await page.keyboard.press('ArrowUp');
  }
  const dragged = (await page.getByTestId('place-Throttle').boundingBox())!;
  const before = (await page.getByTestId('place-Throttle').getAttribute('aria-label'))!;
  await page.mouse.move(dragged.x + dragged.width / 2, dragged.y + dragged.height / 2);
  await page.mouse.down();
  await page.mouse.move(dragged.x + dragged.width / 2 + 12, dragged.y + dragged.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByTestId('place-Throttle')).not.toHaveAttribute('aria-label', before);
  await page.getByTestId('keep-places').click();
  await expect(page.getByTestId('keep-places')).toHaveCount(0);
  await expect(page.getByText(/Nobody has measured where these are/)).toHaveCount(0);

  // Too short by what the bars pull at full lock: an extension is found, and tied in, without network.
  await expect(page.getByRole('button', { name: /Throttle.*mm short/ })).toBeVisible();
  await verdict('Stop');
  await page.context().setOffline(true);
  await page.getByTestId('cables-extensions').click();
  await page.getByTestId('field-lines').fill('three-pin\nfive-pin 300');
  await page.getByTestId('keep-extensions').click();
  await expect(page.getByText('"three-pin" has no length', { exact: false }).first()).toBeVisible();
  await page.getByTestId('field-lines').fill('three-pin 400\nfive-pin 300');
  await page.getByTestId('keep-extensions').click();
  await expect(page.getByText('Put in three-pin 400.')).toBeVisible();
  await verdict('Goes after work');
  await page.context().setOffline(false);
  await expect(page.getByText(/waits? for the server/)).toHaveCount(0);
  await page.reload();
  await verdict('Goes after work');

  // Shown where it is tightest, places stay where they were measured.
  await page.getByRole('button', { name: 'Show where it is tightest' }).click();
  await expect(page.getByText('Places are pushed with the bars straight ahead')).toBeVisible();
  await expect(page.getByTestId('place-Throttle')).toHaveCount(0);
  await page.getByTestId('straight').click();
  await expect(page.getByTestId('place-Throttle')).toBeVisible();

  // Into the spokes it stops, and a place beside them leads it round.
  await lead('Motor', '2000', 'nine-pin', ['Rear axle', 'Controller']);
  await page.getByRole('button', { name: /^Motor/ }).click();
  await verdict('Stop');
  await page.getByRole('link', { name: 'Change this cable' }).click();
  await page.getByTestId('take-off').click();
  await page.getByTestId('take-off').click();
  await expect(page.getByRole('button', { name: /^Motor/ })).toHaveCount(0);

  // Folded, a cable is stretched that reaches otherwise.
  await page.getByTestId('add-pose').click();
  await fill({ id: 'Folded', 'spots.0': '-400 100 300' });
  await page.getByTestId('keep-pose').click();
  await verdict('Stop');
  await expect(page.getByRole('button', { name: /Throttle.*mm short/ })).toBeVisible();

  // At the stand ties and coil are beside the step that sets them.
  await visit(page, `${longtail}/stand?step=ties`);
  await expect(page.getByText(/Ties at 0, \d+/).first()).toBeVisible();
});
