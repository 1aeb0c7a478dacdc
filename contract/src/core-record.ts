import type { JobRecord } from '@cricket/core/job';

import { vouchedBy } from '@cricket/core/job-events';

import type { BikeRecord, StackAcceptance } from './shapes';

/** What core needs of a bike's record, on the page and on the server alike. */
export function coreRecord(record: BikeRecord): JobRecord {
  const { bike, readings, choices, events } = record;
  return {
    bike: bike.facts,
    readings,
    choices,
    taken: record.taken,
    orders: record.orders.map(({ place, what, state }) => ({ place, what, state })),
    events: heldEvents(events),
    stacks: heldStacks(record).map(({ place, acceptedAt, input: { wheelId }, result: { stack } }) => ({
      place,
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

/** Every stack that was accepted. */
export function stacksOf({ acceptances }: Pick<BikeRecord, 'acceptances'>): StackAcceptance[] {
  return acceptances.filter(({ kind }) => kind === 'stack');
}

/** The stacks that hold: one that was taken elsewhere is none until somebody here answers for it. */
export function heldStacks(record: Pick<BikeRecord, 'acceptances' | 'events'>): StackAcceptance[] {
  const stacks = stacksOf(record);
  return vouchedBy(record.events) ? stacks : stacks.filter(({ imported }) => !imported);
}
