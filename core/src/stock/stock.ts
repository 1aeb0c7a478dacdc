import type { OutsidePart } from '../end-fit';
import type { Place, Side } from '../model';
import type { StoreKind } from '../part-kinds';
import { boreSuits, deliveredIds, washerId, type LoosePart, type StoreItem } from '../parts';

/** Pieces of one line of the stores that lie with a bike, at one place of it. */
export interface TakenParts {
  itemId: string;
  place: Place;
  count: number;
}

/** Something that happened to one drawer. */
export interface StockMove {
  /** `counted`: so many lie there now; `moved`: so many more, or fewer. */
  kind: 'counted' | 'moved';
  count: number;
  at: string;
}

/**
 * How many lie in a drawer, from everything that happened to it: the last count, and what was moved since. Phones that were
 * without network add up: what was taken before a count was seen by it, whenever it is heard.
 *
 * @returns never less than 0: what is not there cannot be taken
 * @example onHand([{ kind: 'counted', count: 7, at: '2' }, { kind: 'moved', count: -2, at: '3' }]) // 5
 */
export function onHand(moves: readonly StockMove[]): number {
  const counted = moves
    .filter(({ kind }) => kind === 'counted')
    .reduce<StockMove | null>((last, move) => (last === null || move.at >= last.at ? move : last), null);
  const since = moves.filter(({ kind, at }) => kind === 'moved' && (counted === null || at > counted.at));
  return Math.max(
    0,
    since.reduce((sum, { count }) => sum + count, counted?.count ?? 0),
  );
}

/** The stores as one place of a bike may use them: what lies there already is its own. */
export function storesFor(
  stores: readonly StoreItem[],
  taken: readonly TakenParts[],
  place: Place,
): readonly StoreItem[] {
  const own = new Map(taken.filter((parts) => parts.place === place).map(({ itemId, count }) => [itemId, count]));
  if (own.size === 0) return stores;
  return stores.map((item) => (own.has(item.id) ? { ...item, count: item.count + own.get(item.id)! } : item));
}

/** An accepted stack as far as it takes parts out of drawers. */
export interface StackParts {
  inside: Record<Side, readonly string[]>;
  outside: Record<Side, readonly OutsidePart[]>;
  rotorShimsMm: readonly number[];
  caliperShimsMm: readonly number[];
}

/**
 * Which lines of the stores an accepted stack takes, and how many pieces of each. What the kit brings is used first; of lines
 * that are as good the first one is taken from.
 *
 * @param delivered - what came with the kit, from the hub outwards
 * @param stores - as this bike may use them
 */
export function takenByStack(
  { inside, outside, rotorShimsMm, caliperShimsMm }: StackParts,
  delivered: readonly LoosePart[],
  stores: readonly StoreItem[],
  threadMm: number,
): { itemId: string; count: number }[] {
  const kit = [...deliveredIds(delivered)];
  const wanted: Wanted[] = [
    ...[...inside.left, ...inside.right].flatMap((id) => {
      const own = kit.indexOf(id);
      if (own >= 0) kit.splice(own, 1);
      return own >= 0 ? [] : [(item: StoreItem) => isWasher(item, id, threadMm)];
    }),
    ...[...outside.left, ...outside.right].map((part) => (item: StoreItem) => isOutside(item, part, threadMm)),
    ...rotorShimsMm.map((mm) => (item: StoreItem) => isSheet(item, 'rotor-shim', mm)),
    ...caliperShimsMm.map((mm) => (item: StoreItem) => isSheet(item, 'caliper-shim', mm)),
  ];
  const taken = new Map<string, number>();
  for (const suits of wanted) {
    const line = stores.find((item) => suits(item) && item.count > (taken.get(item.id) ?? 0));
    if (line) taken.set(line.id, (taken.get(line.id) ?? 0) + 1);
  }
  return [...taken].map(([itemId, count]) => ({ itemId, count }));
}

type Wanted = (item: StoreItem) => boolean;

const same = (one: number, other: number) => Math.abs(one - other) < 0.005;

function isWasher(item: StoreItem, id: string, threadMm: number): boolean {
  return (
    (item.kind === 'plain' || item.kind === 'tabbed') &&
    washerId(item.kind, item.thicknessMm) === id &&
    boreSuits(item.boreMm, threadMm)
  );
}

/** Which line of the stores each part outside the dropouts comes from; a spacer or an extra is the bike's own. */
const outsideKinds: Partial<Record<OutsidePart['kind'], StoreKind>> = {
  'c-washer': 'c-washer',
  tab: 'tabbed',
  plate: 'lock-plate',
  arm: 'arm',
};

function isOutside(item: StoreItem, { kind, thicknessMm }: OutsidePart, threadMm: number): boolean {
  return (
    item.kind === outsideKinds[kind] &&
    same(item.thicknessMm, thicknessMm) &&
    (kind === 'arm'
      ? item.boreMm !== null && Math.abs(item.boreMm - threadMm) <= 0.5
      : boreSuits(item.boreMm, threadMm))
  );
}

function isSheet(item: StoreItem, kind: StoreKind, mm: number): boolean {
  return item.kind === kind && same(item.thicknessMm, mm);
}
