import type { ShopSettings, StorePart, Wheel } from '@cricket/contract/shapes';

import { withSettingsWrites, withStoreWrites, withWheelWrites } from './apply-shop-write';
import type { PendingWrite, WriteAbout } from './outbox-store';
import { noteStored } from './own-writes';

const write = (about: WriteAbout, body: object, refused: PendingWrite['refused'] = null) =>
  ({ seq: 1, about, body, refused, madeAt: '2026-04-01T08:00:00Z' }) as PendingWrite;
const wheel = (id: string, code: string, version: number) => ({ id, code, version }) as Wheel;
const line = (id: string, count: number, version: number) => ({ id, count, version }) as StorePart;
const refused = { code: 'bad-input', title: 'No', errors: [] } as never;

describe('what the shop has while a write waits', () => {
  it('shows a wheel as corrected, ready for the next correction', () => {
    const known = [wheel('a', 'FW-1', 3), wheel('b', 'FW-2', 1)];
    const writes = [
      write({ kind: 'wheel', id: 'a' }, { code: 'FW-9', version: 3 }),
      write({ kind: 'wheel', id: 'a' }, { code: 'FW-10', version: 4 }),
    ];
    expect(withWheelWrites(known, writes)).toEqual([wheel('a', 'FW-10', 5), wheel('b', 'FW-2', 1)]);
  });

  it('adds a wheel that only this phone knows, and a list of them', () => {
    const writes = [
      write({ kind: 'wheel', id: 'n' }, { code: 'N', version: 0 }),
      write({ kind: 'wheels-import', id: 'i' }, { rows: [{ id: 'p', code: 'P' }] }),
    ];
    expect(withWheelWrites([], writes)).toEqual([wheel('n', 'N', 1), wheel('p', 'P', 1)]);
  });

  it('does not show what the server has refused', () => {
    const known = [wheel('a', 'FW-1', 3)];
    expect(withWheelWrites(known, [write({ kind: 'wheel', id: 'a' }, { code: 'X', version: 2 }, refused)])).toEqual(
      known,
    );
    const drawer = [line('s', 4, 2)];
    expect(withStoreWrites(drawer, [write({ kind: 'store-item-out', id: 's' }, {}, refused)])).toEqual(drawer);
  });

  it('counts a drawer, adds what is put in, and takes a line out', () => {
    const drawer = [line('s', 4, 2), line('t', 1, 1)];
    const writes = [
      write({ kind: 'store-item', id: 's' }, { count: 5, version: 2 }),
      write({ kind: 'stock-move', id: 'm', itemId: 's' }, { kind: 'moved', count: 2 }),
      write({ kind: 'stock-move', id: 'n', itemId: 's' }, { kind: 'moved', count: -1 }),
      write({ kind: 'store-item-out', id: 't' }, {}),
    ];
    expect(withStoreWrites(drawer, writes)).toEqual([
      { ...line('s', 6, 3), withBikes: 0, onOrder: 0, withdrawnAt: null },
    ]);
    // Changed in size alone: as many as before.
    const size = write({ kind: 'store-item', id: 's' }, { spec: { thicknessMm: 2 }, version: 2 });
    expect(withStoreWrites(drawer, [size])[0]).toMatchObject({ count: 4, spec: { thicknessMm: 2 }, version: 3 });
  });

  it('does not count twice what the server has already', () => {
    const drawer = [line('s', 4, 2)];
    const move = { ...write({ kind: 'stock-move', id: 'm', itemId: 's' }, { count: 2 }), writeId: 'stored' };
    noteStored('stored');
    expect(withStoreWrites(drawer, [move])).toEqual(drawer);
  });

  it('judges by the limits as changed', () => {
    const settings: ShopSettings = { limits: {}, tools: [], hourlyRate: 60, laws: [], version: 4 };
    const changed = write({ kind: 'settings', id: 'x' }, { ...settings, limits: { axleNutNm: 42 } });
    expect(withSettingsWrites(settings, [changed])).toMatchObject({ limits: { axleNutNm: 42 }, version: 5 });
  });
});
