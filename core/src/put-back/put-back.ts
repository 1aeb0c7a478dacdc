import { eventsOf, spotOf, type JobEvent, type JobEventData } from '../job-events';
import { axleAt, endAt, type End, type Place, type Side } from '../model';
import { saidKey, type Said } from '../said';

export interface PutBack {
  /** Ends of which anything was recorded. */
  ends: {
    end: End;
    /** In the order in which the parts go on: from the hub outwards; null when that side was never recorded. */
    sides: Record<Side, JobEventData<'came-off'>['parts'] | null>;
  }[];
  /** What stays changed for good. */
  remains: { place: Place; what: JobEventData<'irreversible'>['what']; where: Said; amountMm: number | null }[];
  /** Parts of the kit that are on the bike or lie elsewhere, and must come off or be asked for. */
  kit: { end: End; part: string; fate: 'used' | 'left-out' | 'given-back' }[];
}

/**
 * How a converted bike goes back to stock, from what was recorded when it was taken apart.
 *
 * The last record of each side counts; parts go on as they lie from the hub outwards. What was filed, cut, drilled or glued
 * is named, because it does not come back.
 */
export function putBack(events: readonly JobEvent[]): PutBack {
  const off = eventsOf(events, 'came-off');
  const last = (end: End, side: Side) =>
    off.filter(({ place, data }) => place === axleAt(end) && data.side === side).at(-1)?.data.parts ?? null;
  const ends = (['front', 'rear'] as const).filter((end) => off.some(({ place }) => place === axleAt(end)));
  const remains = eventsOf(events, 'irreversible').map(({ place, data }) => ({
    place,
    what: data.what,
    where: spotOf(data),
    amountMm: data.amountMm ?? null,
  }));
  const fates = new Map(eventsOf(events, 'kit-parts').map(({ place, data }) => [endAt(place), data.fates]));
  return {
    ends: ends.map((end) => ({ end, sides: { left: last(end, 'left'), right: last(end, 'right') } })),
    // The same change noted twice is one change.
    remains: remains.filter(
      (item, index) =>
        remains.findIndex(({ place, where }) => place === item.place && saidKey(where) === saidKey(item.where)) ===
        index,
    ),
    kit: [...fates].flatMap(([end, list]) => (end ? list.map(({ part, fate }) => ({ end, part, fate })) : [])),
  };
}
