import type { QueryKey } from '@tanstack/react-query';

import type { WriteAbout } from './outbox-store';
import { keys } from './queries';

/** Writes of a bike that change the shop as well: a job brings its kits along, a stack is taken from the drawers. */
const alsoChanged: Partial<Record<WriteAbout['kind'], readonly QueryKey[]>> = {
  'job-in': [keys.wheels],
  acceptance: [keys.stores],
  order: [keys.stores],
};

/**
 * What a write changes, its own subject first. What is on hand and what is allowed decide what comes next for every bike: the list
 * of them is always among it.
 */
export function changedBy(about: WriteAbout): readonly [QueryKey, ...QueryKey[]] {
  return [subjectOf(about), keys.bikes, ...(alsoChanged[about.kind] ?? [])];
}

function subjectOf(about: WriteAbout): QueryKey {
  if ('bikeId' in about) return keys.bike(about.bikeId);
  switch (about.kind) {
    case 'settings':
      return keys.settings;
    case 'wheel':
    case 'wheels-import':
      return keys.wheels;
    default:
      return keys.stores;
  }
}
