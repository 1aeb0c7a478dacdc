import { saidKey, saidOnes, sentences, type Said } from '../said';
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
    const name = `${place} ${saidKey(what)}`;
    const before = lines.get(name);
    if (before) {
      lines.set(name, { ...before, count: before.count + 1, reason: alsoFor(before.reason, because) });
      continue;
    }
    const [costEach, leadDays] = [prices[`cost${named[part]}`], prices[`days${named[part]}`]];
    lines.set(name, { group: 'small-parts', place, what, count: 1, reason: because, costEach, leadDays });
  }
  return [...lines.values()];
}

/** Both reasons, each told once. */
function alsoFor(reason: Said, because: Said): Said {
  const known = saidOnes(reason);
  return known.some((each) => saidKey(each) === saidKey(because)) ? reason : sentences([...known, because]);
}
