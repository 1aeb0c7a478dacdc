import type { AxleStackInput } from '../axle-stack';
import { defaultLimits, type Limits } from '../limits';
import type { LoosePart, StoreItem } from './parts';

export interface WasherSeat {
  threadMm: number;
  flatsMm: number;
  /** Narrowest slot of both sides after filing; null when not measured. */
  slotMm: number | null;
  /** Thinner plate of both sides; null when not measured. */
  plateMm: number | null;
  limits?: Limits;
}

type Washer = AxleStackInput['washers'][number];

/**
 * Which washers of the stores and of the delivered kit suit this axle and slot, one entry per kind and thickness.
 *
 * A plain washer must pass over the thread without wandering more than 1 mm. A tabbed one must besides have a tab that goes
 * into the slot without much play and does not stand out of the plate. The kit's own washers are taken to suit its axle.
 *
 * @returns entries with ids such as `plain-1.5`, thinnest first, plain before tabbed
 */
export function usableWashers(
  items: readonly StoreItem[],
  delivered: readonly LoosePart[],
  seat: WasherSeat,
): Washer[] {
  const counts = new Map<string, Washer>();
  const add = (kind: Washer['kind'], thicknessMm: number, count: number) => {
    const id = washerId(kind, thicknessMm);
    const before = counts.get(id);
    if (before) before.count += count;
    else counts.set(id, { id, kind, thicknessMm, count });
  };
  for (const item of items) {
    if (item.count < 1 || (item.kind !== 'plain' && item.kind !== 'tabbed')) continue;
    if (suits(item, seat)) add(item.kind, item.thicknessMm, item.count);
  }
  for (const part of delivered) {
    if (part.kind === 'plain' || part.kind === 'tabbed') add(part.kind, part.thicknessMm, 1);
    if (part.kind === 'spacer') add('plain', part.thicknessMm, 1);
  }
  return [...counts.values()].sort((a, b) => a.kind.localeCompare(b.kind) || a.thicknessMm - b.thicknessMm);
}

/**
 * Name of a washer kind in a stack.
 *
 * @example washerId('tabbed', 2.5) // 'tabbed-2.5'
 */
export function washerId(kind: 'plain' | 'tabbed', thicknessMm: number): string {
  return `${kind}-${Number(thicknessMm.toFixed(2))}`;
}

/**
 * Names of the washers that come with a kit, one entry a piece.
 *
 * @example deliveredIds([{ kind: 'spacer', thicknessMm: 3 }]) // ['plain-3']
 */
export function deliveredIds(parts: readonly LoosePart[]): string[] {
  return parts.flatMap(({ kind, thicknessMm }) => {
    if (kind === 'plain' || kind === 'spacer') return [washerId('plain', thicknessMm)];
    return kind === 'tabbed' ? [washerId('tabbed', thicknessMm)] : [];
  });
}

/**
 * Whether a washer goes over this thread without wandering on it: one made for another axle lies off the middle.
 *
 * @example boreSuits(14.3, 12) // false
 */
export function boreSuits(
  boreMm: number | null,
  threadMm: number,
  { washerBorePlayMm }: Limits = defaultLimits,
): boolean {
  return boreMm !== null && boreMm >= threadMm && boreMm <= threadMm + washerBorePlayMm;
}

function suits(item: StoreItem, seat: WasherSeat): boolean {
  if (!boreSuits(item.boreMm, seat.threadMm, seat.limits)) return false;
  if (item.kind === 'plain') return true;
  if (item.tabWidthMm === null || item.tabDepthMm === null) return false;
  if (seat.slotMm === null || seat.plateMm === null) return false;
  const tabPlay = seat.slotMm - item.tabWidthMm;
  return tabPlay >= 0 && tabPlay <= (seat.limits ?? defaultLimits).tabPlayMm && item.tabDepthMm <= seat.plateMm;
}
