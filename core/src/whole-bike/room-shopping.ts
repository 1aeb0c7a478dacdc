import { saidKey, saidOnes, sentences, type Said } from '../said';
import { usualPrice, type ShoppingLine } from '../fit';
import type { PartKind } from '../part-kinds';
import { withLimits, type LimitsInput } from '../limits';
import type { Place } from '../model';
import { stationPlaces, type ToGet } from './contract';

/** What kind of part each is, in the catalogue. */
const kinds = { lever: 'lever', shifter: 'shifter', loom: 'cable', other: 'other' } as const satisfies Record<
  ToGet['part'],
  PartKind
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
    const kind = kinds[part];
    // Two cables are not the same cable: each is the one that its name says.
    const wanted = { kind, spec: { what: saidKey(what) } };
    const line = { group: 'small-parts' as const, place, part: wanted, what, count: 1, reason: because };
    lines.set(name, { ...line, ...usualPrice(kind, prices) });
  }
  return [...lines.values()];
}

/** Both reasons, each told once. */
function alsoFor(reason: Said, because: Said): Said {
  const known = saidOnes(reason);
  return known.some((each) => saidKey(each) === saidKey(because)) ? reason : sentences([...known, because]);
}
