import type { ShopSettings, StorePart, Wheel } from '@cricket/contract/shapes';

import { isStored } from './own-writes';
import type { PendingWrite } from './outbox-store';

/** The catalogue as it will be once what waits for the server is stored. */
export function withWheelWrites(wheels: readonly Wheel[], writes: readonly PendingWrite[]): readonly Wheel[] {
  return writes.reduce<readonly Wheel[]>((known, { about, body, refused }) => {
    if (refused) return known;
    if (about.kind === 'wheel') return put(known, { ...body, id: about.id } as Wheel);
    if (about.kind === 'wheels-import') return (body as { rows: Wheel[] }).rows.reduce(put<Wheel>, known);
    return known;
  }, wheels);
}

/** The stores as they will be once what waits for the server is stored. */
export function withStoreWrites(stores: readonly StorePart[], writes: readonly PendingWrite[]): readonly StorePart[] {
  return writes.reduce<readonly StorePart[]>((known, { writeId, about, body, refused }) => {
    if (refused) return known;
    if (about.kind === 'stock-move')
      return isStored(writeId) ? known : moved(known, about.itemId, body as { count: number });
    if (about.kind === 'store-item')
      return put(known, {
        withBikes: 0,
        onOrder: 0,
        count: 0,
        ...known.find(({ id }) => id === about.id),
        withdrawnAt: null,
        ...body,
        id: about.id,
      } as StorePart);
    if (about.kind === 'store-item-out') return known.filter(({ id }) => id !== about.id);
    if (about.kind === 'stores-import') return (body as { rows: StorePart[] }).rows.reduce(put<StorePart>, known);
    return known;
  }, stores);
}

/** The shop's settings as they will be once what waits for the server is stored. */
export function withSettingsWrites(settings: ShopSettings, writes: readonly PendingWrite[]): ShopSettings {
  return writes.reduce<ShopSettings>(
    (known, { about, body, refused }) =>
      about.kind === 'settings' && !refused
        ? { ...known, ...(body as ShopSettings), version: nextVersion(body) }
        : known,
    settings,
  );
}

function moved(known: readonly StorePart[], itemId: string, { count }: { count: number }): readonly StorePart[] {
  return known.map((item) => (item.id === itemId ? { ...item, count: Math.max(0, item.count + count) } : item));
}

/** One line in its place, with the version that it will have: one change more may follow at once. */
function put<T extends { id: string; version: number }>(known: readonly T[], item: T): readonly T[] {
  const next = { ...item, version: nextVersion(item) };
  return known.some(({ id }) => id === item.id)
    ? known.map((old) => (old.id === item.id ? next : old))
    : [...known, next];
}

/** A row of a list file need not say which version it replaces. */
function nextVersion(body: { version?: number }): number {
  return (body.version ?? 0) + 1;
}
