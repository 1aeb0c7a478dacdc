import type { StoreItem } from './parts';
import { shimsOnHand } from './shims';

const shim = (thicknessMm: number, count = 3): StoreItem => ({
  id: String(thicknessMm),
  kind: 'rotor-shim',
  boreMm: null,
  outerMm: null,
  thicknessMm,
  tabWidthMm: null,
  tabDepthMm: null,
  count,
});

describe('shims on hand', () => {
  it('are so many of each, thinnest first', () => {
    const stores = [shim(1), shim(0.2), { ...shim(0.5), kind: 'caliper-shim' as const }, shim(0.3, 0)];
    expect(shimsOnHand(stores, 'rotor-shim', 2)).toEqual([0.2, 0.2, 1, 1]);
    expect(shimsOnHand(stores, 'caliper-shim', 1)).toEqual([0.5]);
  });

  it('are never more than a search takes, however full the drawer', () => {
    const many = Array.from({ length: 60 }, (_, index) => shim(0.1 + index / 100));
    expect(shimsOnHand(many, 'rotor-shim', 2)).toHaveLength(20);
  });
});
