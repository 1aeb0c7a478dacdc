import type { QueryKey } from '@tanstack/react-query';

import { changedBy } from './changed-by';
import type { WriteAbout } from './outbox-store';
import { keys } from './queries';

const bikeId = '00000003-0000-4000-8000-000000000001';
const bike = keys.bike(bikeId);

describe('what a write changes', () => {
  it.each<[WriteAbout['kind'], QueryKey[]]>([
    // What was ordered or taken from a drawer shows in the stores, though it is the bike that was written to.
    ['order', [bike, keys.bikes, keys.stores]],
    ['acceptance', [bike, keys.bikes, keys.stores]],
    ['job-in', [bike, keys.bikes, keys.wheels]],
    ['event', [bike, keys.bikes]],
    ['reading', [bike, keys.bikes]],
  ])('of a bike, %s', (kind, changed) => {
    expect(changedBy({ kind, bikeId, id: 'x' } as WriteAbout)).toEqual(changed);
  });

  it.each<[WriteAbout['kind'], QueryKey]>([
    ['settings', keys.settings],
    ['wheel', keys.wheels],
    ['wheels-import', keys.wheels],
    ['stock-move', keys.stores],
  ])('of the shop, %s', (kind, changed) => {
    expect(changedBy({ kind, id: 'x' } as WriteAbout)).toEqual([changed, keys.bikes]);
  });
});
