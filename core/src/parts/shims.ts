import type { StoreItem } from './parts';

/** More than these are never laid in one search: the thinnest are what a fit is made up with. */
const mostSheets = 20;

/**
 * The shims of a kind that are on hand, thinnest first.
 *
 * @param pieces - how many of each thickness may count
 * @returns thickness of each piece in mm
 */
export function shimsOnHand(
  stores: readonly StoreItem[],
  kind: 'rotor-shim' | 'caliper-shim',
  pieces: number,
): number[] {
  return stores
    .filter((item) => item.kind === kind)
    .flatMap(({ count, thicknessMm }) => Array.from({ length: Math.min(pieces, count) }, () => thicknessMm))
    .sort((a, b) => a - b)
    .slice(0, mostSheets);
}
