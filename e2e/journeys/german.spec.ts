import type { Page } from '@playwright/test';

import { fits } from '../support/fits';
import { accessible, expect, keypad, test, visit } from '../support/test';

const box = '/bikes/00000003-0000-4000-8000-000000000001';
const tourer = '/bikes/00000003-0000-4000-8000-000000000004';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

/** Every kind of page, with a word that is there when it is. */
const screens: [path: string, ready: string][] = [
  ['/', 'Fahrrad aufnehmen'],
  [box, 'Jetzt messen'],
  [`${box}/take-in`, 'Behalten'],
  [`${box}/front/measure?look=first`, 'Lippe oder Vertiefung'],
  [`${tourer}/front/match`, 'FW-1 · vorn'],
  [`${tourer}/front/fit`, 'Diesen Stapel übernehmen'],
  [`${tourer}/front/kit`, 'Bremshebel'],
  [`${tourer}/front/order`, 'Zur Passung gehen'],
  [`${tourer}/front/lock`, 'Wie das berechnet wurde'],
  [`${longtail}/bar`, 'Lenker'],
  [`${longtail}/bay`, 'Akku'],
  [`${longtail}/cranks`, 'Kurbel'],
  [`${longtail}/levers`, 'jeder Weg'],
  [`${longtail}/power`, 'Akku'],
  [`${longtail}/cables`, 'Kabel'],
  [`${longtail}/wiring`, 'Stecker'],
  [`${longtail}/room`, 'Jedes für sich'],
  [`${longtail}/stand`, 'In Ordnung, getan'],
  [`${longtail}/stand?step=axle-tight.rear`, '50 N·m erreicht'],
  [`${longtail}/journal`, 'Eine Notiz hinzufügen'],
  ['/stores', 'Lager'],
  ['/wheels', 'FW-1'],
  ['/limits', 'Tage'],
  ['/tools', 'Multimeter'],
];

test('who chooses German is spoken to in German, on every kind of page; the next at the phone in their own language', async ({
  page,
  shop,
}) => {
  test.setTimeout(180_000);
  await page.goto(`${shop.url}/shop`);
  await page.getByRole('radio', { name: 'Deutsch' }).click();
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  await expect(page.getByRole('heading', { name: 'Werkstatt' }).or(page.getByText('Sprache')).first()).toBeVisible();
  const data = await namesInShop(page, shop.url);
  for (const [path, ready] of screens) {
    await test.step(path, async () => {
      await visit(page, path);
      await expect(
        page
          .getByText(ready)
          .or(page.getByRole('button', { name: ready }))
          .first(),
      ).toBeVisible();
      await fits(page, path);
      await expect
        .configure({ soft: true })
        .poll(() => leftInEnglish(page, data), { message: path, timeout: 2000 })
        .toEqual([]);
    });
  }
  await visit(page, `${longtail}/stand`);
  await page.getByRole('button', { name: 'Alle Schritte' }).click();
  await accessible(page);
  await expect(page.getByRole('link', { name: 'English' })).toHaveAttribute('href', /job-sheet\?language=en$/);

  // A figure that cannot be is told in German.
  await visit(page, `${box}/front/measure?feature=plate.left`);
  await keypad(page, '99');
  await expect(page.getByText('99 mm ist hier nicht glaubhaft: 1.5 bis 20 mm. Noch einmal messen.')).toBeVisible();
  expect(await leftInEnglish(page, data)).toEqual([]);

  // The next at this phone has chosen nothing.
  await visit(page, '/shop');
  await page.getByRole('radio', { name: 'Tolly' }).click();
  await page.getByTestId('pin').fill('4630');
  await page.getByRole('button', { name: 'Übernehmen' }).click();
  await expect(page.locator('html')).toHaveAttribute('lang', 'en');
  await expect(page.getByTestId('who')).toHaveText('Tolly, learner');
});

/** What people have written, which stays as they wrote it. */
async function namesInShop(page: Page, url: string): Promise<string[]> {
  const answers = await Promise.all(
    [
      `/api${box}`,
      `/api${tourer}`,
      `/api${longtail}`,
      '/api/bikes',
      '/api/stores',
      '/api/wheels',
      '/api/shop/settings',
    ].map(async (path) => (await page.request.get(url + path)).json() as Promise<unknown>),
  );
  const found = new Set<string>();
  const visit = (value: unknown): void => {
    if (typeof value === 'string' && /[a-z]{3}/.test(value)) found.add(value);
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(visit);
  };
  visit(answers);
  return [...found].sort((a, b) => b.length - a.length);
}

/** How a line of torques is written, and what the usual parts are called where nobody has named them: the same in every language. */
const sameInAll = /in dieser englischen Form|^(bleibt, mit|ersetzt durch) (switch at the|kit) lever \d$/;

const english =
  /\b(the|and|of|is|are|not|yet|with|without|measured|measure|wheels?|from|for|left|right|front|rear|goes|known|unknown|each|what|who|washers?|nuts?|hub|take|keep|back|lever|brake|this|that|must|may|has|have|it|its|be|by|on|to|at|one|two|or|no|none|as|than|there|days?|hours?)\b/i;

/** Texts of this page, said and shown, that are not German. */
async function leftInEnglish(page: Page, data: readonly string[]): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const around = walker.currentNode.parentElement!;
      if (!around.closest('script, style, noscript, [lang]:not(html)'))
        found.add(walker.currentNode.textContent!.trim());
    }
    for (const labelled of Array.from(document.querySelectorAll('[aria-label]')))
      found.add(labelled.getAttribute('aria-label')!);
    return [...found];
  });
  return texts.filter(
    (text) => !sameInAll.test(text) && english.test(data.reduce((left, name) => left.replaceAll(name, ''), text)),
  );
}
