import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeRecord as CoreRecord } from '@cricket/core/next-action';

/** What core needs of a bike's record. */
export function coreRecord({ bike, readings, choices, stacks, events }: BikeRecord): CoreRecord {
  return {
    bike: bike.facts,
    readings,
    choices,
    events,
    stacks: stacks.map(({ end, wheelId, acceptedAt, snapshot }) => ({
      end,
      wheelId,
      acceptedAt,
      left: snapshot.stack.left.inside,
      right: snapshot.stack.right.inside,
      rotorShimMm: snapshot.stack.rotorShimMm,
      caliperShimMm: snapshot.stack.caliperShimMm,
    })),
  };
}
