import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';

import * as pages from './pages';

const app = join(__dirname, '../../app');

/** The addresses that the files of the app answer, as patterns. */
function routesBelow(folder: string): RegExp[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return routesBelow(path);
    const name = relative(app, path).replace(/\.tsx$/, '');
    if (/(^|\/)(_layout|\+not-found)$/.test(name)) return [];
    const address = `/${name}`.replace(/\/index$/, '').replace(/\[\w+\]/g, '[^/]+');
    return [new RegExp(`^${address === '' ? '/' : address}$`)];
  });
}

const routes = routesBelow(app);
const leads = (page: string) => routes.some((route) => route.test(page.split('?')[0]!));

describe('where links lead', () => {
  it.each(pages.fixedPages.map((page) => [page]))('%s is a page', (page) => expect(leads(page)).toBe(true));

  it('is a page for everything that makes an address', () => {
    const made = Object.entries(pages).filter(([name]) => name.endsWith('Path')) as [
      string,
      (...ids: string[]) => string,
    ][];
    expect(made.length).toBeGreaterThan(15);
    for (const [, make] of made) expect(leads(make('b-1', 'rear', 'fit'))).toBe(true);
    for (const station of pages.stations) expect(leads(pages.endPath('b-1', 'front', station))).toBe(true);
    expect(leads('/bikes/b-1/rear/nothing')).toBe(false);
  });

  it('is some page’s for every route there is', () => {
    const all = [
      ...pages.fixedPages,
      ...pages.stations.map((station) => pages.endPath('b', 'rear', station)),
      ...(
        [
          'bikePath',
          'editBikePath',
          'takeInPath',
          'putBackPath',
          'journalPath',
          'barPath',
          'bayPath',
          'bayThingPath',
          'cablesPath',
          'leversPath',
          'roomPath',
          'waysPath',
          'wiringPath',
          'powerPath',
          'powerAccessoryPath',
          'cranksPath',
          'bothPath',
          'wheelPath',
        ] as const
      ).map((name) => pages[name]('b')),
      pages.powerElementPath('b', 1),
      ...pages.wiringThings.map((of) => pages.wiringThingPath('b', of)),
      ...pages.cableThings.map((of) => pages.cableThingPath('b', of)),
      pages.standPath('b'),
      pages.claimPath('b', 'rear'),
      pages.measureWheelPath('w'),
      pages.storeItemPath('s'),
    ].map((page) => page.split('?')[0]!);
    for (const route of routes)
      expect([route.source, all.some((page) => route.test(page))]).toEqual([route.source, true]);
  });

  it('says what is asked of a page, and leaves out what is not', () => {
    expect(pages.measurePath('b', 'rear', 'slot-width.left.seat')).toBe(
      '/bikes/b/rear/measure?feature=slot-width.left.seat',
    );
    expect(pages.firstLookPath('b', 'front')).toBe('/bikes/b/front/measure?look=first');
    expect(pages.standPath('b', 'a&b')).toBe('/bikes/b/stand?step=a%26b');
  });
});
