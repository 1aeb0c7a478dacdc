import type { Page } from '@playwright/test';

import { fits } from '../support/fits';
import { accessible, expect, test, visit } from '../support/test';

const screens: [name: string, path: string, ready: string][] = [
  ['today', '/', 'Bike in'],
  ['bike in', '/bikes/new', 'Bring in'],
  ['bike', '/bikes/00000003-0000-4000-8000-000000000002', 'See the fit'],
  ['change bike', '/bikes/00000003-0000-4000-8000-000000000002/edit', 'Take out of the shop'],
  [
    'measure a length',
    '/bikes/00000003-0000-4000-8000-000000000001/front/measure?feature=spacing.front',
    'Withdraw 100.3',
  ],
  ['answer', '/bikes/00000003-0000-4000-8000-000000000001/front/measure?feature=material', 'Next: left slot'],
  [
    'washers found',
    '/bikes/00000003-0000-4000-8000-000000000002/rear/measure?feature=washers-found.left',
    'Take last off',
  ],
  ['choose wheel', '/bikes/00000003-0000-4000-8000-000000000002/rear/wheel', 'Take RW-2'],
  ['take in', '/bikes/00000003-0000-4000-8000-000000000004/take-in', 'Keep'],
  ['match', '/bikes/00000003-0000-4000-8000-000000000004/front/match', 'FW-1 · front'],
  ['this kit, this rider', '/bikes/00000003-0000-4000-8000-000000000004/front/kit', 'Brake levers'],
  ['handlebar', '/bikes/00000003-0000-4000-8000-000000000003/bar', 'Add a part'],
  ['part on the bar', '/bikes/00000003-0000-4000-8000-000000000003/bar?of=Throttle', 'Take it off the list'],
  ['room on the bar', '/bikes/00000003-0000-4000-8000-000000000003/bar?of=room', 'Diameter at the grips'],
  ['cranks', '/bikes/00000003-0000-4000-8000-000000000003/cranks', 'Change the figures'],
  ['figures of the cranks', '/bikes/00000003-0000-4000-8000-000000000003/cranks?of=figures', 'Room, chain side'],
  ['battery', '/bikes/00000003-0000-4000-8000-000000000003/bay', 'Worked out from'],
  ['tubes of the frame', '/bikes/00000003-0000-4000-8000-000000000003/bay?of=tubes', 'Head tube'],
  ['battery and rail', '/bikes/00000003-0000-4000-8000-000000000003/bay?of=pack', 'Slots in the rail'],
  ['thing in the frame', '/bikes/00000003-0000-4000-8000-000000000003/bay?of=thing&thing=Frame%20lock', 'It moves'],
  ['room', '/bikes/00000003-0000-4000-8000-000000000003/room', 'Each by itself'],
  ['best ways', '/bikes/00000003-0000-4000-8000-000000000003/ways', 'Build it so'],
  ['rack', '/bikes/00000003-0000-4000-8000-000000000003/bay?of=rack', 'What each strap holds'],
  ['controller', '/bikes/00000003-0000-4000-8000-000000000003/bay?of=controller', 'Heat at full load'],
  ['power', '/bikes/00000003-0000-4000-8000-000000000003/power', 'Fed from the pack'],
  ['battery’s figures', '/bikes/00000003-0000-4000-8000-000000000003/power?of=pack', 'A cell is empty at'],
  ['lead', '/bikes/00000003-0000-4000-8000-000000000003/power?of=element&at=2', 'Metal of its strands'],
  ['light', '/bikes/00000003-0000-4000-8000-000000000003/power?of=accessory&at=Front%20light', 'Fed from'],
  ['cables', '/bikes/00000003-0000-4000-8000-000000000003/cables', 'Show where it is tightest'],
  ['cable', '/bikes/00000003-0000-4000-8000-000000000003/cables?of=cable&id=Motor', 'Runs over, in this order'],
  ['place', '/bikes/00000003-0000-4000-8000-000000000003/cables?of=place&id=Stem', 'It cannot be taken off'],
  ['steering', '/bikes/00000003-0000-4000-8000-000000000003/cables?of=steering', 'The bars turn to the left'],
  ['brake levers', '/bikes/00000003-0000-4000-8000-000000000003/levers', 'every way'],
  ['figures of the levers', '/bikes/00000003-0000-4000-8000-000000000003/levers?of=figures', 'The levers change hands'],
  ['plugs', '/bikes/00000003-0000-4000-8000-000000000003/wiring', 'Stay open, and are capped'],
  ['plug', '/bikes/00000003-0000-4000-8000-000000000003/wiring?of=plug&id=To%20throttle', 'Shape of its shell'],
  ['new adapter', '/bikes/00000003-0000-4000-8000-000000000003/wiring?of=adapter', 'Which contact leads to which'],
  ['first look', '/bikes/00000003-0000-4000-8000-000000000001/front/measure?look=first', 'Lip or recess'],
  ['open the shop', '/open', 'Front, geared'],
  ['order', '/bikes/00000003-0000-4000-8000-000000000004/front/order', 'Go to the fit'],
  ['lock', '/bikes/00000003-0000-4000-8000-000000000004/front/lock', 'How this was worked out'],
  ['gears', '/bikes/00000003-0000-4000-8000-000000000002/rear/gears', 'Clicks on sprockets'],
  ['truing', '/bikes/00000003-0000-4000-8000-000000000002/rear/truing', 'Record this round'],
  ['two motors', '/bikes/00000003-0000-4000-8000-000000000002/both', 'Go on'],
  ['copy of a wheel', '/wheels/new?like=00000001-0000-4000-8000-000000000001', 'Copy of FW-1'],
  ['lacing', '/bikes/00000003-0000-4000-8000-000000000002/rear/lacing', 'All lean one way'],
  ['limits', '/limits', 'Most metal to file off'],
  ['tools', '/tools', 'Multimeter'],
  ['fit', '/bikes/00000003-0000-4000-8000-000000000004/front/fit', 'Take this stack'],
  ['impossible fit', '/bikes/00000003-0000-4000-8000-000000000006/rear/fit', 'To the stores'],
  ['stack', '/bikes/00000003-0000-4000-8000-000000000003/rear/stack', 'Print'],
  ['stores', '/stores', 'Add a line'],
  ['line of the stores', '/stores/00000002-0000-4000-8000-000000000009', 'Keep'],
  ['wheels', '/wheels', 'Add a wheel'],
  ['wheel', '/wheels/00000001-0000-4000-8000-000000000001', 'Keep'],
  ['templates', '/bikes/00000003-0000-4000-8000-000000000004/front/template', 'Print'],
  ['lists in files', '/files', 'Stores as CSV'],
  ['people', '/people', 'Hesper'],
  ['stand', '/bikes/00000003-0000-4000-8000-000000000003/stand', 'All right, done'],
  ['a safety step', '/bikes/00000003-0000-4000-8000-000000000003/stand?step=axle-tight.rear', 'Reached 50 N·m'],
  ['second look', '/bikes/00000003-0000-4000-8000-000000000003/stand?look=second', 'Nothing waits for a second person'],
  ['washers on', '/bikes/00000003-0000-4000-8000-000000000003/stand?step=inside-washers.rear', 'As planned: '],
  ['strip', '/bikes/00000003-0000-4000-8000-000000000003/stand?step=came-off.rear', 'Quick release'],
  ['parts', '/bikes/00000003-0000-4000-8000-000000000003/stand?step=parts-fate', 'What became of each part'],
  ['put back', '/bikes/00000003-0000-4000-8000-000000000003/put-back', 'What does not come back'],
  ['journal', '/bikes/00000003-0000-4000-8000-000000000003/journal', 'Add a note'],
  ['no claim yet', '/bikes/00000003-0000-4000-8000-000000000003/claim?end=rear', 'Count it at the stand first.'],
  ['shop', '/shop', 'As the phone'],
];

/** Opened first, as by a link that was sent: what other journeys neither open so nor load anew. */
const openedFirst = new Set([
  'best ways',
  'choose wheel',
  'cranks',
  'gears',
  'lacing',
  'line of the stores',
  'no claim yet',
  'open the shop',
  'people',
  'templates',
  'this kit, this rider',
  'truing',
  'two motors',
  'wheel',
  'wheels',
]);

for (const name of openedFirst) {
  if (!screens.some(([each]) => each === name)) throw new Error(`there is no screen ${name}`);
}

const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const narrow = { width: 320, height: 640 };

// In two halves, so that both cores have one.
for (const half of [0, 1]) {
  test(`every screen is accessible and none is wider than the window, ${half + 1} of 2`, async ({ page, shop }) => {
    test.setTimeout(480_000);
    await page.goto(shop.url);
    await expect(page.getByRole('button', { name: 'Bike in' })).toBeVisible();
    for (const [name, path, ready] of screens.filter((_, at) => at % 2 === half)) {
      await test.step(name, async () => {
        // Light on the phone, dark on a wide screen: the page lays itself out anew without being fetched again.
        await page.emulateMedia({ colorScheme: 'light' });
        await page.setViewportSize(phone);
        await (openedFirst.has(name) ? page.goto(shop.url + path) : visit(page, path));
        await whole(page, name, ready);
        // The narrowest phone, and a reader who has text twice as large.
        await page.setViewportSize(narrow);
        await fits(page, `${name}, narrow`);
        await page.setViewportSize(phone);
        await textSize(page, '200%');
        await fits(page, `${name}, large text`);
        await textSize(page, '');
        await page.emulateMedia({ colorScheme: 'dark' });
        await page.setViewportSize(wide);
        await expect.poll(() => page.evaluate(() => document.documentElement.clientWidth)).toBe(wide.width);
        await whole(page, `${name}, wide`, ready);
      });
    }
  });
}

async function whole(page: Page, name: string, ready: string): Promise<void> {
  await expect(
    page
      .getByRole(ready === 'As the phone' ? 'radio' : 'button', { name: ready })
      .or(page.getByText(ready))
      .first(),
  ).toBeVisible();
  await accessible(page);
  await fits(page, name);
}

/** As a browser lays a page out whose reader has set this size. */
async function textSize(page: Page, size: string): Promise<void> {
  await page.evaluate((next) => {
    document.documentElement.style.fontSize = next;
  }, size);
}
