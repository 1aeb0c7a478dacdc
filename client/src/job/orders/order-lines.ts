import type { BikeRecord, OrderLine, OrderState } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { ShoppingLine } from '@cricket/core/fit';
import { axleAt, type Place } from '@cricket/core/model';
import { isNamed, partKey, wantedName, type WantedPart } from '@cricket/core/parts';
import type { Said } from '@cricket/core/said';
import { stationPlaces } from '@cricket/core/whole-bike';
import { say } from '../../ui/say';

/** A line of the shopping list, and where on the bike it belongs. */
export interface PlacedLine extends ShoppingLine {
  place: Place;
}

/** The same with what has been done about it. */
export interface ListedLine extends Omit<PlacedLine, 'group' | 'part' | 'what' | 'reason'> {
  /** Null on lines of an earlier version that are no longer listed. */
  part: WantedPart | null;
  what: string;
  reason: string;
  /** The reason as what is to be said; null on lines of an earlier version. */
  because: Said | null;
  order: OrderLine | null;
  state: OrderState;
}

/**
 * The shopping list with the orders that belong to it, by place and part; what was ordered there and is no longer listed
 * stays.
 *
 * @param at - the places that the list is for
 */
export function listedLines(
  { orders }: Pick<BikeRecord, 'orders'>,
  at: readonly Place[],
  shopping: readonly PlacedLine[],
): ListedLine[] {
  const there = orders.filter(({ place }) => at.includes(place));
  const isSame = (line: PlacedLine) => (order: OrderLine) =>
    order.place === line.place &&
    // An earlier version knew a line by what it was called.
    (order.part ? partKey(order.part) === partKey(line.part) : order.what === say(line.what));
  const listed = shopping.map((line): ListedLine => {
    const order = there.find(isSame(line)) ?? null;
    return {
      ...line,
      what: say(line.what),
      reason: say(line.reason),
      because: line.reason,
      order,
      state: order?.state ?? 'wanted',
    };
  });
  const gone = there
    .filter((order) => order.state !== 'wanted' && !shopping.some((line) => isSame(line)(order)))
    .map((order): ListedLine => ({
      ...order,
      what: nameOf(order),
      reason: reasonOf(order),
      order,
      state: order.state,
    }));
  return [...listed, ...gone];
}

/** What an order is for, in the words of this page; what has no name but its own keeps it. */
function nameOf({ part, what }: OrderLine): string {
  return part && isNamed(part) ? say(wantedName(part)) : what;
}

/** Why it was ordered; of an earlier version only the words of who ordered it are left. */
function reasonOf({ because, reason }: OrderLine): string {
  return because ? say(because) : reason;
}

/** What has to be got for one end. */
export function linesOfEnd(
  record: Pick<BikeRecord, 'orders'>,
  end: End,
  shopping: readonly ShoppingLine[],
): ListedLine[] {
  const place = axleAt(end);
  return listedLines(
    record,
    [place],
    shopping.map((line) => ({ ...line, place })),
  );
}

/** The places besides the axles. */
export const besideAxles: readonly Place[] = [...new Set(Object.values(stationPlaces))];

const after: Record<OrderState, OrderState> = { wanted: 'ordered', ordered: 'received', received: 'ordered' };

/** What a line becomes when it is taken one step on. */
export function nextState(state: OrderState): OrderState {
  return after[state];
}

/** Days until the last line is here. */
export function daysToStart(lines: readonly ListedLine[]): number {
  return Math.max(0, ...lines.filter(({ state }) => state !== 'received').map(({ leadDays }) => leadDays));
}
