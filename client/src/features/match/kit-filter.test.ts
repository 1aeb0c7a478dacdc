import { costTable } from '@cricket/core/job-cost';

import { everyKit, isShown, type KitFilter } from './kit-filter';
import type { MatchLine } from '../../workers/match-line';

const costs = (total: number) => costTable([], { minutes: total, slowMinutes: total }, 60);
const kit = (change: Partial<MatchLine>) =>
  ({ end: 'front', verdict: 'stop', own: 'work', brakes: ['rim'], costs: costs(400), ...change }) as MatchLine;

describe('which kits are shown', () => {
  const only = (change: Partial<KitFilter>) => ({ ...everyKit, ...change });

  it('is all of them until something is asked for', () => {
    expect(isShown(kit({ own: 'stop', brakes: [] }), everyKit)).toBe(true);
  });

  it.each<[string, Partial<MatchLine>, Partial<KitFilter>, boolean]>([
    ['its end', { end: 'rear' }, { end: 'rear' }, true],
    ['the other end', { end: 'rear' }, { end: 'front' }, false],
    ['stopped by what stops all', { own: 'goes' }, { may: 'may' }, true],
    ['stopped by itself', { own: 'stop' }, { may: 'may' }, false],
    ['not known yet', { own: 'unknown' }, { may: 'may' }, true],
    ['its brake', { brakes: ['rim', 'disc'] }, { brake: 'disc' }, true],
    ['another brake', { brakes: ['rim'] }, { brake: 'disc' }, false],
    ['just as dear', { costs: costs(450) }, { most: '450' }, true],
    ['dearer', { costs: costs(450.5) }, { most: '450,4' }, false],
    ['no figure', { costs: costs(450) }, { most: 'cheap' }, true],
    [
      'all at once',
      { end: 'rear', own: 'goes', brakes: ['disc'], costs: costs(300) },
      { end: 'rear', may: 'may', brake: 'disc', most: '300' },
      true,
    ],
  ])('by %s', (_, change, filter, shown) => expect(isShown(kit(change), only(filter))).toBe(shown));
});
