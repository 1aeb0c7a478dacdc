import { said } from '@cricket/core/said';
import { Amount, InputError, Maybe, Nested, OneOf, Optional, Whole } from '@cricket/core/input';
import { PlainStoreDetails } from '@cricket/core/part-schemas';
import { storeKinds, threadedKinds, type StoreDetails, type StoreKind } from '@cricket/core/parts';

/** A line of the stores: new (version 0), or changed (the version that was read). */
export class StoreItemEntry {
  @OneOf(storeKinds) kind!: StoreKind;
  @Optional() @Maybe() @Amount(4, 60, 'mm') boreMm?: number | null;
  @Optional() @Maybe() @Amount(6, 320, 'mm') outerMm?: number | null;
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
  @Optional() @Maybe() @Amount(4, 20, 'mm') tabWidthMm?: number | null;
  @Optional() @Maybe() @Amount(0.5, 20, 'mm') tabDepthMm?: number | null;
  /** Length of a bolt, what an arm or tyre is like, cost. */
  @Optional() @Maybe() @Nested(() => PlainStoreDetails) details?: StoreDetails | null;
  /** How many were counted; left out: as many as before. */
  @Optional() @Whole(0, 9999) count?: number;
  @Whole(0, 1_000_000) version!: number;
}

/** What this kind of part cannot be without. */
export function missingOfPart(item: StoreItemEntry): InputError[] {
  const needed: ('boreMm' | 'tabWidthMm' | 'tabDepthMm')[] = [
    ...(threadedKinds.includes(item.kind) ? (['boreMm'] as const) : []),
    ...(item.kind === 'tabbed' ? (['tabWidthMm', 'tabDepthMm'] as const) : []),
  ];
  const ranges = { boreMm: '4 to 60', tabWidthMm: '4 to 20', tabDepthMm: '0.5 to 20' };
  return needed
    .filter((name) => item[name] === undefined || item[name] === null)
    .map((name) => new InputError(name, undefined, said('contract.number-from-mm', { ranges: ranges[name] })));
}
