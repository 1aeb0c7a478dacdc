import type { BikeRecord as CoreRecord } from '@cricket/core/next-action';

import type { BikeRecord } from './shapes';

/** What core needs of a bike's record, on the page and on the server alike. */
export function coreRecord({ bike, readings, choices, stacks, events }: BikeRecord): CoreRecord {
  return {
    bike: bike.facts,
    readings,
    choices,
    events,
    stacks: stacks.map(({ end, wheelId, acceptedAt, snapshot: { stack } }) => ({
      end,
      wheelId,
      acceptedAt,
      left: stack.left.inside,
      right: stack.right.inside,
      rotorShimMm: stack.rotorShimMm,
      caliperShimMm: stack.caliperShimMm,
    })),
  };
}
