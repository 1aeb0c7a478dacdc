import type { BikeRecord as CoreRecord } from '@cricket/core/next-action';

import { vouchedBy } from '@cricket/core/job-events';

import type { AcceptedStack, BikeRecord } from './shapes';

/** What core needs of a bike's record, on the page and on the server alike. */
export function coreRecord({ bike, readings, choices, stacks, events }: BikeRecord): CoreRecord {
  return {
    bike: bike.facts,
    readings,
    choices,
    events: heldEvents(events),
    stacks: heldStacks({ stacks, events }).map(({ end, wheelId, acceptedAt, snapshot: { stack } }) => ({
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

/** The events that hold: another shop's overrides and hand-over are nothing here until somebody here answers for them. */
function heldEvents(events: BikeRecord['events']): BikeRecord['events'] {
  if (vouchedBy(events)) return events;
  return events.filter(({ kind, imported }) => !imported || (kind !== 'override' && kind !== 'step'));
}

/** The stacks that hold: one that was taken elsewhere is none until somebody here answers for it. */
export function heldStacks({ stacks, events }: Pick<BikeRecord, 'stacks' | 'events'>): AcceptedStack[] {
  return vouchedBy(events) ? stacks : stacks.filter(({ imported }) => !imported);
}
