import { expect, piecesFetched, test } from '../support/test';

// Here it is the one that opens pages when nothing else does.
test.use({ serviceWorkers: 'allow' });

test('a phone that has been in the shop this morning opens a bike it never opened, without network', async ({
  page,
  context,
  shop,
}) => {
  await page.goto(shop.url);
  await expect(page.getByRole('button', { name: 'Bike in' }).first()).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await piecesFetched(page);
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const open = indexedDB.open('cricket-cache');
          open.onsuccess = () => {
            const get = open.result.transaction('cache').objectStore('cache').get('queries-3');
            get.onsuccess = () => resolve(String(get.result ?? ''));
          };
        }),
    );
  await expect.poll(kept).toContain('00000003-0000-4000-8000-000000000004');
  await expect.poll(async () => (await kept()).includes('"bike","00000003-0000-4000-8000-000000000004"')).toBe(true);
  await context.setOffline(true);
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000004/front/fit`);
  await expect(page.getByTestId('verdict')).toContainText('Goes');
  // A failed attempt to read it anew must not throw away what is kept.
  await page.reload();
  await expect(page.getByTestId('verdict')).toContainText('Goes');
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000004/journal`);
  await page.getByTestId('note').fill('Held by hand in the yard');
  await page.getByRole('button', { name: 'Add a note' }).click();
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits here');
  // A photo waits, too, and is looked at meanwhile.
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000004/take-in`);
  const drawn = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 400;
    canvas.height = 300;
    canvas.getContext('2d')!.fillRect(0, 0, 200, 150);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  await page
    .getByTestId('photo-condition')
    .setInputFiles({ name: 'walk.png', mimeType: 'image/png', buffer: Buffer.from(drawn, 'base64') });
  // One is there already.
  const thumbnails = page.getByTestId('photos-condition').getByRole('button', { name: /^Photo: / });
  const thumbnail = thumbnails.last();
  await expect(thumbnails).toHaveCount(2);
  await expect.poll(() => thumbnail.locator('img').evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(400);
  await expect(page.getByTestId('sync-strip')).toContainText('2 entries wait here');
  await context.setOffline(false);
  await expect
    .poll(() => shop.query<{ words: string }>(`SELECT data->>'words' AS words FROM job_event WHERE kind = 'note'`), {
      timeout: 60_000,
    })
    .toEqual([{ words: 'Held by hand in the yard' }]);
  await expect
    .poll(() => shop.query<{ width_px: number }>('SELECT width_px FROM photo ORDER BY taken_at DESC LIMIT 1'))
    .toEqual([{ width_px: 400 }]);
});

test('a phone whose clock is a day off orders its entries like everybody else', async ({ page, shop }) => {
  await page.clock.setSystemTime(new Date(Date.now() - 24 * 3600 * 1000));
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000004/journal`);
  await expect(page.getByText(/^Bike in/)).toBeVisible();
  await page.getByTestId('note').fill('With a clock of yesterday');
  await page.getByRole('button', { name: 'Add a note' }).click();
  await expect
    .poll(async () => {
      const [row] = await shop.query<{ off: string }>(
        `SELECT abs(extract(epoch FROM now() - at)) AS off FROM job_event WHERE kind = 'note'`,
      );
      return row ? Number(row.off) < 60 : null;
    })
    .toBe(true);
});

test('the phone changes hands at the stand in two taps and a PIN, without network for who has proved it here before', async ({
  page,
  shop,
}) => {
  const taker = async (name: string, pin: string) => {
    await page.getByTestId('hand-over').click();
    await page.getByRole('radiogroup', { name: 'Hand the phone over' }).getByRole('radio', { name }).click();
    // The cursor is in the PIN already.
    await page.keyboard.type(pin);
    await page.keyboard.press('Enter');
  };
  const here = (name: string) => expect(page.getByTestId('hand-over')).toHaveText(name);
  await page.goto(`${shop.url}/bikes/00000003-0000-4000-8000-000000000003/stand`);
  await here('Wren');
  await taker('Tolly', '4630');
  await here('Tolly');
  await taker('Wren', '4620');
  await here('Wren');
  await shop.stop();
  // Tolly has proved it here; Hesper has not, and a wrong PIN proves nothing.
  await taker('Hesper', '4610');
  await expect(page.getByRole('alert')).toContainText('Hesper has not proved to be themselves');
  await page.getByTestId('hand-over').click();
  await taker('Tolly', '4631');
  await expect(page.getByRole('alert')).toContainText('Tolly has not proved');
  await page.keyboard.type('4630');
  await page.keyboard.press('Enter');
  await here('Tolly');
  const title = await page.getByTestId('step-title').innerText();
  await page.getByTestId('step-done').click();
  await expect(page.getByTestId('step-title')).not.toHaveText(title);
  await expect(page.getByTestId('sync-strip')).toContainText('1 entry waits here');
  await shop.start();
  const by = () =>
    shop.query<{ name: string }>(
      `SELECT name FROM job_event JOIN person ON person.id = person_id WHERE data->>'how' = 'done' ORDER BY at DESC LIMIT 1`,
    );
  await expect.poll(by, { timeout: 60_000 }).toEqual([{ name: 'Tolly' }]);
  // A hand-over that was not told yet is gone with its page: once the server knows who has the phone it tells the same.
  const atServer = async () =>
    (await (await page.request.get(`${shop.url}/api/session`)).json()).person?.name as string;
  await expect.poll(atServer, { timeout: 60_000 }).toBe('Tolly');
  await page.reload();
  await here('Tolly');
});
