import fc from 'fast-check';

import type { StoreItem } from '../parts';
import { onHand, storesFor, takenByStack, type StackParts, type StockMove } from './stock';

const item = (id: string, more: Partial<StoreItem> = {}): StoreItem => ({
  id,
  kind: 'plain',
  boreMm: 12.3,
  outerMm: 22,
  thicknessMm: 1.5,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 4,
  ...more,
});
const at = (minute: number) => new Date(Date.UTC(2026, 2, 2, 9, minute)).toISOString();
const none: StackParts = {
  inside: { left: [], right: [] },
  outside: { left: [], right: [] },
  rotorShimsMm: [],
  caliperShimsMm: [],
};

describe('what lies in a drawer', () => {
  it('is the last count and what was moved since', () => {
    const counted: StockMove = { kind: 'counted', count: 7, at: at(5) };
    const moved = (count: number, minute: number): StockMove => ({ kind: 'moved', count, at: at(minute) });
    expect(onHand([])).toBe(0);
    expect(onHand([moved(5, 1)])).toBe(5);
    expect(onHand([moved(5, 1), counted, moved(-2, 6), moved(1, 8)])).toBe(6);
    // Taken without network before the count, and heard after it: the count has seen it.
    expect(onHand([counted, moved(-2, 3)])).toBe(7);
    expect(onHand([counted, moved(-9, 6)])).toBe(0);
  });

  it('adds up in whatever order it is heard', () => {
    const anyMove = fc.record({
      kind: fc.constantFrom<StockMove['kind']>('counted', 'moved'),
      count: fc.integer({ min: 0, max: 9 }),
      minute: fc.integer({ min: 0, max: 50 }),
    });
    const unlike = fc.uniqueArray(anyMove, { selector: ({ minute }) => minute, maxLength: 12 });
    fc.assert(
      fc.property(
        unlike.chain((moves) => fc.tuple(fc.constant(moves), fc.shuffledSubarray(moves, { minLength: moves.length }))),
        ([moves, heard]) => {
          const made = ({ minute, ...move }: (typeof moves)[number]) => ({ ...move, at: at(minute) });
          expect(onHand(heard.map(made))).toBe(onHand(moves.map(made)));
        },
      ),
    );
  });
});

describe('what a bike may use', () => {
  it('is what is on hand, and what lies at that place of it already', () => {
    const stores = [item('a', { count: 1 }), item('b', { count: 2 })];
    const taken = [
      { itemId: 'a', place: 'rear-axle' as const, count: 3 },
      { itemId: 'b', place: 'front-axle' as const, count: 5 },
    ];
    expect(storesFor(stores, taken, 'rear-axle').map(({ count }) => count)).toEqual([4, 2]);
    expect(storesFor(stores, [], 'rear-axle')).toBe(stores);
  });
});

describe('what an accepted stack takes', () => {
  const taken = (parts: Partial<StackParts>, stores: StoreItem[], delivered: Parameters<typeof takenByStack>[1] = []) =>
    takenByStack({ ...none, ...parts }, delivered, stores, 12);

  it('uses up what the kit brings first', () => {
    const inside = { left: ['plain-1.5', 'plain-1.5'], right: ['plain-1.5'] };
    const kit = [{ kind: 'plain' as const, thicknessMm: 1.5 }];
    expect(taken({ inside }, [item('a')], kit)).toEqual([{ itemId: 'a', count: 2 }]);
    expect(taken({ inside }, [item('a')], [...kit, ...kit, ...kit])).toEqual([]);
  });

  it('goes on to the next line that is as good, and takes none made for another axle', () => {
    const inside = { left: ['plain-1.5', 'plain-1.5', 'plain-1.5'], right: [] };
    const stores = [item('wide', { boreMm: 14.3 }), item('a', { count: 2 }), item('b')];
    expect(taken({ inside }, stores)).toEqual([
      { itemId: 'a', count: 2 },
      { itemId: 'b', count: 1 },
    ]);
  });

  it('takes arms, C-washers and shims, and nothing that is the bike’s own', () => {
    const outside = {
      left: [{ id: 'arm-6', kind: 'arm' as const, thicknessMm: 6 }],
      right: [
        { id: 'extra', kind: 'extra' as const, thicknessMm: 2 },
        { id: 'c-washer-18x3', kind: 'c-washer' as const, thicknessMm: 3 },
      ],
    };
    const stores = [
      item('arm', { kind: 'arm', boreMm: 12, thicknessMm: 6, count: 1 }),
      item('c', { kind: 'c-washer', thicknessMm: 3 }),
      item('two', { thicknessMm: 2 }),
      item('shim', { kind: 'rotor-shim', boreMm: null, thicknessMm: 0.2 }),
    ];
    expect(taken({ outside, rotorShimsMm: [0.2, 0.2] }, stores)).toEqual([
      { itemId: 'arm', count: 1 },
      { itemId: 'c', count: 1 },
      { itemId: 'shim', count: 2 },
    ]);
  });
});
