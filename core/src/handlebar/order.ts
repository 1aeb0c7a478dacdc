import type { BarLayout, BarOrder, BarPart } from './contract';

/** The order of a layout, without its places in millimetres. */
export const orderOf = ({ left, right, centre }: BarLayout): BarOrder => ({
  left: left.map(({ id }) => id),
  right: right.map(({ id }) => id),
  centre: [...centre],
});

/**
 * The order after one part was put elsewhere.
 *
 * @param at - how many parts stand before it, from that end inboard, or in the middle from the left
 * @example movedTo({ left: ['grip', 'bell'], right: [], centre: [] }, 'bell', 'centre', 0) // { left: ['grip'], right: [], centre: ['bell'] }
 */
export function movedTo(order: BarOrder, id: string, side: keyof BarOrder, at: number): BarOrder {
  const without: BarOrder = {
    left: order.left.filter((each) => each !== id),
    right: order.right.filter((each) => each !== id),
    centre: order.centre.filter((each) => each !== id),
  };
  const list = without[side];
  const place = Math.max(0, Math.min(list.length, at));
  return { ...without, [side]: [...list.slice(0, place), id, ...list.slice(place)] };
}

/** The order after one part was put one place to the left or to the right, as the rider sees the bar. */
export function shifted(order: BarOrder, id: string, to: 'left' | 'right'): BarOrder {
  const { left, right, centre } = order;
  const isRight = to === 'right';
  const [inLeft, inCentre, inRight] = [left.indexOf(id), centre.indexOf(id), right.indexOf(id)];
  if (inLeft >= 0) {
    if (isRight && inLeft === left.length - 1) return movedTo(order, id, 'centre', 0);
    return movedTo(order, id, 'left', inLeft + (isRight ? 1 : -1));
  }
  if (inRight >= 0) {
    // Counted from the right end inboard.
    if (!isRight && inRight === right.length - 1) return movedTo(order, id, 'centre', centre.length);
    return movedTo(order, id, 'right', inRight + (isRight ? -1 : 1));
  }
  if (isRight && inCentre === centre.length - 1) return movedTo(order, id, 'right', right.length);
  if (!isRight && inCentre === 0) return movedTo(order, id, 'left', left.length);
  return movedTo(order, id, 'centre', inCentre + (isRight ? 1 : -1));
}

/** Whether an order has every part once, and nothing else: one that was kept may be older than the list. */
export function holdsEvery({ left, right, centre }: BarOrder, parts: readonly Pick<BarPart, 'id'>[]): boolean {
  const ids = [...left, ...right, ...centre].sort();
  const all = parts.map(({ id }) => id).sort();
  return ids.length === all.length && ids.every((id, at) => id === all[at]);
}
