import { outsideMarks, speakInMarks } from '../support/pseudo';
import { become, expect, test, visit } from '../support/test';

const box = '/bikes/00000003-0000-4000-8000-000000000001';
const tourer = '/bikes/00000003-0000-4000-8000-000000000004';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

/** A page of each kind whose words would be the easiest to leave in the code. */
const screens = [
  '/',
  box,
  `${box}/take-in`,
  `${box}/front/measure?look=first`,
  `${tourer}/front/match`,
  `${tourer}/front/fit`,
  `${tourer}/front/order`,
  `${tourer}/front/lock`,
  `${longtail}/bar`,
  `${longtail}/bay`,
  `${longtail}/cables`,
  `${longtail}/power`,
  `${longtail}/stand?step=axle-tight.rear`,
  '/stores',
  '/stores/new',
  '/tools',
];

/** Units, days and months, and what a figure is marked with: not words of ours. */
const known =
  /N·m|km\/h|\b(mm|kg|Wh|rpm|Ω|min|bar|psi|mph|lbf·ft|inch)\b|\b(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\b|\b(Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)\w*|MQ-\d+|[FR]W-\d+/g;

test('nothing that the page says stands in its code: all of it comes from the catalogues', async ({ page, shop }) => {
  test.setTimeout(150_000);
  await speakInMarks(page.context());
  await become(page, shop, 'owner');
  const written = await writtenInShop((path) => page.request.get(shop.url + path));
  await page.goto(shop.url);
  await expect(page.getByText('⟦').first()).toBeVisible();
  for (const path of screens) {
    await test.step(path, async () => {
      await visit(page, path);
      await expect(page.getByText('⟦').first()).toBeVisible();
      await expect
        .configure({ soft: true })
        .poll(
          async () =>
            (await outsideMarks(page))
              .map((text) => written.reduce((left, own) => left.replaceAll(own, ' '), text).replace(known, ' '))
              .filter((text) => /\p{Letter}{2}/u.test(text)),
          { message: path, timeout: 4000 },
        )
        .toEqual([]);
    });
  }
});

/** What people have written, which stays as they wrote it; the longest first, since one may stand in another. */
async function writtenInShop(get: (path: string) => Promise<{ json(): Promise<unknown> }>): Promise<string[]> {
  const found = new Set<string>();
  const visit = (value: unknown): void => {
    if (typeof value === 'string' && value.length < 400) found.add(value);
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(visit);
  };
  for (const path of [`/api${box}`, `/api${tourer}`, `/api${longtail}`, '/api/bikes', '/api/stores', '/api/wheels']) {
    visit(await (await get(path)).json());
  }
  for (const path of ['/api/shop', '/api/shop/settings', '/api/people', '/api/session'])
    visit(await (await get(path)).json());
  return [...found].filter((text) => /\p{Letter}{2}/u.test(text)).sort((a, b) => b.length - a.length);
}
