import type { BarPart, BarSide, PlacedPart } from './contract';
import { isHeld, isThrottle, reachLimitMm, type BarFigures } from './kinds';
import { dustMm, RowsBehind, roomBetween } from './orders';

/** One order of the parts of one side. */
export interface SideOrder {
  parts: readonly BarPart[];
  placed: PlacedPart[];
  overhangMm: number;
  cut: { id: string; mm: number } | null;
  usedMm: number;
  /** What stays too long after overhang and cut; 0 when it fits. */
  tooLongMm: number;
  /** Of reach, cut and overhang; what depends on the other side comes later. */
  cost: number;
}

interface SideAsked {
  straightMm: number;
  figures: BarFigures;
}

/** The parts of one side in every order worth looking at, from the bar's end inboard; those that are too long with what is missing. */
export type OrdersOfSide = (on: readonly BarPart[]) => SideOrder[];

/** @param parts - all that may be on this side */
export function ordersOfSide(parts: readonly BarPart[], asked: SideAsked): OrdersOfSide {
  const behind = new Map<string, RowsBehind>();
  return (on) => {
    const hand = handPlace(on);
    if (!hand || hand.reduce((sum, { widthMm }) => sum + widthMm, 0) < asked.figures.palmMm - dustMm) return [];
    const key = JSON.stringify(hand.map(({ id }) => id));
    const rows = behind.get(key) ?? new RowsBehind(hand, parts, asked.figures);
    behind.set(key, rows);
    return rows.of(on.filter((part) => !hand.includes(part))).map((rest) => lay([...hand, ...rest], hand, asked));
  };
}

/** What the palm holds, outermost: a grip, a grip and half a throttle, or a whole one; null where that is not so, or more. */
export function handPlace(parts: readonly BarPart[]): BarPart[] | null {
  const held = parts.filter(({ kind }) => isHeld(kind));
  const [grip] = held.filter(({ kind }) => kind === 'grip');
  const [half] = held.filter(({ kind }) => kind === 'throttle-half');
  if (held.length === 2 && grip && half) return [grip, half];
  return held.length === 1 && !half ? held : null;
}

export function lay(
  order: readonly BarPart[],
  hand: readonly BarPart[],
  { straightMm, figures }: SideAsked,
): SideOrder {
  const [first] = order as [BarPart, ...BarPart[]];
  const halfMm = hand[1]?.widthMm ?? 0;
  let at = 0;
  const whole = order.map((part, index) => {
    const from = index === 0 ? 0 : at + roomBetween(order[index - 1]!, part, figures);
    at = from + part.widthMm;
    return { part, from, to: at };
  });
  const last = order.at(-1)!;
  const longMm = Math.max(0, at + (last.sweepMm ?? 0) - straightMm);
  const isGrip = first.kind === 'grip';
  // What cannot be undone comes last.
  const overhangMm = isGrip ? Math.min(longMm, figures.overhangMm) : 0;
  const leastMm = Math.max(first.minWidthMm ?? first.widthMm, figures.palmMm - halfMm);
  const mayCutMm = isGrip && first.minWidthMm !== undefined ? Math.max(0, first.widthMm - leastMm) : 0;
  const cutMm = Math.min(longMm - overhangMm, mayCutMm);
  const tooLongMm = longMm - overhangMm - cutMm;
  const handEnd = whole[hand.length - 1]!.to;
  let cost = 0.3 * cutMm + 0.2 * overhangMm;
  const placed: PlacedPart[] = [];
  for (const [index, { part, from, to }] of whole.entries()) {
    const reach = reachLimitMm(part.kind, figures);
    const reachMm = from - handEnd;
    if (reach !== null && index >= hand.length) {
      if (reachMm > reach) cost += (reachMm - reach) / 10;
    }
    const shifted = index === 0 ? from - overhangMm : from - overhangMm - cutMm;
    placed.push({
      id: part.id,
      fromMm: shifted,
      toMm: to - overhangMm - cutMm,
      ...(reach !== null && { reachMm }),
    });
  }
  return {
    parts: order,
    placed,
    overhangMm,
    cut: cutMm > dustMm ? { id: first.id, mm: cutMm } : null,
    usedMm: at + (last.sweepMm ?? 0) - overhangMm - cutMm,
    tooLongMm: tooLongMm > dustMm ? tooLongMm : 0,
    cost,
  };
}

/** What a side costs for what is on it: throttles beside the rear shifter, off the side that is preferred, parts moved. */
export function sideCost(parts: readonly BarPart[], side: BarSide, throttleSide: BarSide | undefined): number {
  const rear = parts.some((part) => part.rear === true);
  return parts.reduce((sum, { kind, nowSide }) => {
    const throttle = isThrottle(kind)
      ? (rear ? 3 : 0) + (throttleSide !== undefined && throttleSide !== side ? 2 : 0)
      : 0;
    return sum + throttle + (nowSide !== undefined && nowSide !== side ? 0.5 : 0);
  }, 0);
}
