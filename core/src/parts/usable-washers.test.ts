import type { StoreItem } from './parts';
import { usableWashers, washerId } from './usable-washers';

const seat = { threadMm: 12, flatsMm: 10, slotMm: 10.1, plateMm: 5 };
const item = (more: Partial<StoreItem>): StoreItem => ({
  id: 'x',
  kind: 'plain',
  boreMm: 12.3,
  outerMm: 22,
  thicknessMm: 1.5,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 2,
  ...more,
});
const tabbed = (more: Partial<StoreItem>) =>
  item({ kind: 'tabbed', thicknessMm: 2.5, tabWidthMm: 9.8, tabDepthMm: 3.5, ...more });
const ids = (...items: StoreItem[]) => usableWashers(items, [], seat).map(({ id }) => id);

describe('washers that suit an axle and slot', () => {
  it('adds lines of one kind and thickness, and the kit’s own', () => {
    const delivered = [
      { kind: 'plain' as const, thicknessMm: 1.5 },
      { kind: 'spacer' as const, thicknessMm: 6 },
      { kind: 'tabbed' as const, thicknessMm: 2.5 },
      { kind: 'stay' as const, thicknessMm: 2 },
    ];
    expect(usableWashers([item({ count: 2 }), item({ id: 'y', count: 3, outerMm: 24 })], delivered, seat)).toEqual([
      { id: 'plain-1.5', kind: 'plain', thicknessMm: 1.5, count: 6 },
      { id: 'plain-6', kind: 'plain', thicknessMm: 6, count: 1 },
      { id: 'tabbed-2.5', kind: 'tabbed', thicknessMm: 2.5, count: 1 },
    ]);
  });

  it.each([
    ['the bore of the thread', 12, true],
    ['a little room', 13, true],
    ['too much room', 13.1, false],
    ['a bore under the thread', 11.9, false],
    ['no bore', null, false],
  ])('judges a washer with %s', (_, boreMm, suits) => {
    expect(ids(item({ boreMm }))).toEqual(suits ? ['plain-1.5'] : []);
  });

  it.each([
    ['that fits', {}, true],
    ['as wide as the slot', { tabWidthMm: 10.1 }, true],
    ['wider than the slot', { tabWidthMm: 10.2 }, false],
    ['with too much play', { tabWidthMm: 9.4 }, false],
    ['as deep as the plate', { tabDepthMm: 5 }, true],
    ['deeper than the plate', { tabDepthMm: 5.1 }, false],
    ['without a width', { tabWidthMm: null }, false],
  ])('judges a tab %s', (_, more, suits) => {
    expect(ids(tabbed(more))).toEqual(suits ? ['tabbed-2.5'] : []);
  });

  it('offers no tabbed washer as long as slot or plate is not measured', () => {
    expect(usableWashers([tabbed({})], [], { ...seat, slotMm: null })).toEqual([]);
    expect(usableWashers([tabbed({})], [], { ...seat, plateMm: null })).toEqual([]);
  });

  it('leaves out empty drawers and what is no inside washer', () => {
    expect(
      ids(item({ count: 0 }), item({ kind: 'c-washer' }), item({ kind: 'arm' }), item({ kind: 'rotor-shim' })),
    ).toEqual([]);
  });

  it('names washers without binary dust', () => {
    expect(washerId('plain', 0.1 + 0.2)).toBe('plain-0.3');
  });
});
