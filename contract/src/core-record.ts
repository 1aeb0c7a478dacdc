import type { JobRecord } from '@cricket/core/job';

import { vouchedBy } from '@cricket/core/job-events';

import type { ArrangementAcceptance, BikeRecord, StackAcceptance } from './shapes';

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
  return acceptances.filter((each): each is StackAcceptance => each.kind === 'stack');
}

/**
 * What was taken last at each station besides the axles, the latest first. What was taken elsewhere is none until somebody here
 * answers for it.
 */
export function heldArrangements({
  acceptances,
  events,
}: Pick<BikeRecord, 'acceptances' | 'events'>): ArrangementAcceptance[] {
  const isVouched = vouchedBy(events) !== null;
  const last = new Map<string, ArrangementAcceptance>();
  for (const each of acceptances) {
    if (each.kind === 'stack' || (each.imported && !isVouched)) continue;
    const before = last.get(each.kind);
    if (!before || each.acceptedAt >= before.acceptedAt) last.set(each.kind, each);
  }
  return [...last.values()].sort((a, b) => (a.acceptedAt < b.acceptedAt ? 1 : -1));
}

/** The stacks that hold: one that was taken elsewhere is none until somebody here answers for it. */
export function heldStacks(record: Pick<BikeRecord, 'acceptances' | 'events'>): StackAcceptance[] {
  const stacks = stacksOf(record);
  return vouchedBy(record.events) ? stacks : stacks.filter(({ imported }) => !imported);
}
