import { moved, spare, swapped, without, withWasher } from './arrangement';

const washers = [
  { id: 'tabbed-2.5', kind: 'tabbed' as const, thicknessMm: 2.5, count: 2 },
  { id: 'plain-1', kind: 'plain' as const, thicknessMm: 1, count: 3 },
  { id: 'plain-2', kind: 'plain' as const, thicknessMm: 2, count: 1 },
];
const start = {
  left: ['plain-1', 'tabbed-2.5'],
  right: ['plain-2', 'plain-1', 'tabbed-2.5'],
  rotorShimsMm: [],
  caliperShimsMm: [],
};

describe('a stack changed by hand', () => {
  it('keeps plain washers thick to thin from the hub and the tabbed one last', () => {
    expect(withWasher(start, 'left', 'plain-2', washers).left).toEqual(['plain-2', 'plain-1', 'tabbed-2.5']);
    expect(moved(start, 'right', 0, washers)).toMatchObject({
      left: ['plain-2', 'plain-1', 'tabbed-2.5'],
      right: ['plain-1', 'tabbed-2.5'],
    });
    expect(swapped(start, 'left', 0, 'plain-2', washers).left).toEqual(['plain-2', 'tabbed-2.5']);
    expect(without(start, 'left', 1).left).toEqual(['plain-1']);
  });

  it('counts what is left in the stores', () => {
    expect(spare(start, washers[1]!)).toBe(1);
    expect(spare(start, washers[0]!)).toBe(0);
  });
});
