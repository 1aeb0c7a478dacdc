import type { ShoppingLine } from '../fit';
import { withLimits, type LimitsInput } from '../limits';
import type { Place } from '../model';
import { stationPlaces, type ToGet } from './contract';

const named = { lever: 'Lever', shifter: 'Shifter', loom: 'Loom', other: 'Other' } as const satisfies Record<
  ToGet['part'],
  string
>;

/** Something to be ordered for a place besides the axles. */
export interface RoomLine extends ShoppingLine {
  place: Place;
}

/**
 * What has to be got besides the axles, as lines to be ordered: the same thing for two reasons at one place is one line with both.
 *
 * @param limits - the workshop's own prices and days
 */
export function roomShopping(toGet: readonly ToGet[], limits?: LimitsInput): RoomLine[] {
  const prices = withLimits(limits);
  const lines = new Map<string, RoomLine>();
  for (const { station, part, what, because } of toGet) {
    const place = stationPlaces[station];
    const name = `${place} ${what}`;
    const before = lines.get(name);
    if (before) {
      const reason = before.reason.includes(because) ? before.reason : `${before.reason} ${because}`;
      lines.set(name, { ...before, count: before.count + 1, reason });
      continue;
    }
    const [costEach, leadDays] = [prices[`cost${named[part]}`], prices[`days${named[part]}`]];
    lines.set(name, { group: 'small-parts', place, what, count: 1, reason: because, costEach, leadDays });
  }
  return [...lines.values()];
}
