import fc from 'fast-check';

import {
  handlebar,
  holdsEvery,
  laidByHand,
  movedTo,
  orderOf,
  shifted,
  type BarOrder,
  type BarPart,
  type HandlebarInput,
} from '.';

const grip = (side: 'left' | 'right'): BarPart => ({
  id: `${side} grip`,
  kind: 'grip',
  widthMm: 125,
  side,
  minWidthMm: 95,
});
const input: HandlebarInput = {
  bar: { straightMm: { left: 220, right: 220 }, centreMm: 90, gripDiameterMm: 22.2, centreDiameterMm: 31.8 },
  parts: [
    grip('left'),
    grip('right'),
    { id: 'lever', kind: 'lever', widthMm: 20, side: 'left', clampMm: 22.2, sweepMm: 8, cutOff: true },
    { id: 'shifter', kind: 'shifter-trigger', widthMm: 28, side: 'right', clampMm: 22.2, rear: true },
    { id: 'throttle', kind: 'throttle-thumb', widthMm: 30, side: 'either', clampMm: 22.2 },
    { id: 'bell', kind: 'bell', widthMm: 22, side: 'either', clampMm: 22.2 },
    { id: 'display', kind: 'display', widthMm: 60, side: 'centre', clampMm: 31.8 },
  ],
  prefer: { throttleSide: 'left' },
};
const best = handlebar(input);
const bestOrder = orderOf(best.layouts[0]!);
const stopsOf = (order: BarOrder, of = input) =>
  laidByHand(of, order)
    .findings.filter(({ verdict }) => verdict === 'stop')
    .map(({ id }) => id);

describe('an order of one’s own', () => {
  it('is laid and judged as the arranged one where it is the same', () => {
    for (const layout of best.layouts) {
      const laid = laidByHand(input, orderOf(layout));
      expect(laid.layout.left).toEqual(layout.left);
      expect(laid.layout.right).toEqual(layout.right);
      expect(laid.layout.cost).toBeCloseTo(layout.cost, 9);
    }
    expect(laidByHand(input, bestOrder).verdict).toBe(best.verdict);
  });

  it('is stopped by what the rules forbid, and says which', () => {
    expect(stopsOf(movedTo(bestOrder, 'throttle', 'left', 0))).toEqual(['hand.left']);
    expect(stopsOf(movedTo(movedTo(bestOrder, 'bell', 'left', 1), 'throttle', 'left', 2))).toContain('order.throttle');
    expect(stopsOf(movedTo(bestOrder, 'bell', 'centre', 0))).toEqual(['side.bell']);
    expect(stopsOf(movedTo(bestOrder, 'shifter', 'left', 2))).toContain('side.shifter');
    const narrow = { ...input, bar: { ...input.bar, straightMm: { left: 150, right: 150 } } };
    expect(stopsOf(bestOrder, narrow)).toContain('length.left');
    const wide = { ...input, bar: { ...input.bar, centreMm: 40 } };
    expect(stopsOf(bestOrder, wide)).toContain('length.centre');
  });

  it('never has a twist shifter beside a twist throttle', () => {
    const twist: HandlebarInput = {
      ...input,
      parts: [
        grip('left'),
        grip('right'),
        { id: 'twist shifter', kind: 'shifter-twist', widthMm: 50, side: 'either', clampMm: 22.2 },
        { id: 'twist throttle', kind: 'throttle-half', widthMm: 50, side: 'either', clampMm: 22.2 },
        { id: 'switch', kind: 'switch', widthMm: 20, side: 'either', clampMm: 22.2, cutOff: true },
      ],
    };
    const together: BarOrder = {
      left: ['left grip', 'twist throttle', 'twist shifter'],
      right: ['right grip', 'switch'],
      centre: [],
    };
    expect(stopsOf(together, twist)).toContain('order.twist shifter');
    expect(stopsOf(movedTo(together, 'twist shifter', 'right', 1), twist)).toEqual([]);
    expect(stopsOf(movedTo(together, 'twist shifter', 'right', 2), twist)).toEqual(['order.twist shifter']);
  });

  it('holds every part once', () => {
    expect(holdsEvery(bestOrder, input.parts)).toBe(true);
    expect(holdsEvery(bestOrder, input.parts.slice(1))).toBe(false);
    expect(holdsEvery({ ...bestOrder, centre: ['lamp'] }, input.parts)).toBe(false);
    const { left: _, ...rest } = bestOrder;
    expect(() => laidByHand(input, { ...rest, left: [] })).toThrow('is-left-out');
    expect(() => laidByHand(input, { ...bestOrder, centre: ['display', 'display'] })).toThrow('order.centre.1');
  });

  it('goes one place to the left or right, through the middle, and back', () => {
    const order: BarOrder = { left: ['a', 'b'], right: ['d', 'c'], centre: [] };
    const walked = [order];
    for (let step = 0; step < 4; step++) walked.push(shifted(walked.at(-1)!, 'a', 'right'));
    expect(walked.slice(1)).toEqual([
      { left: ['b', 'a'], right: ['d', 'c'], centre: [] },
      { left: ['b'], right: ['d', 'c'], centre: ['a'] },
      { left: ['b'], right: ['d', 'c', 'a'], centre: [] },
      { left: ['b'], right: ['d', 'a', 'c'], centre: [] },
    ]);
    let back = walked.at(-1)!;
    for (let step = 0; step < 4; step++) back = shifted(back, 'a', 'left');
    expect(back).toEqual(order);
  });

  it('never goes where no arranged order does, nor costs less than the best', () => {
    const ids = input.parts.map(({ id }) => id);
    const anyOrder = fc
      .tuple(
        fc.shuffledSubarray(ids, { minLength: ids.length, maxLength: ids.length }),
        fc.array(fc.constantFrom<keyof BarOrder>('left', 'right', 'centre'), {
          minLength: ids.length,
          maxLength: ids.length,
        }),
      )
      .map(([shuffled, sides]) =>
        shuffled.reduce<BarOrder>((order, id, at) => movedTo(order, id, sides[at]!, 99), {
          left: [],
          right: [],
          centre: [],
        }),
      );
    fc.assert(
      fc.property(anyOrder, (order) => {
        const { verdict, layout } = laidByHand(input, order);
        if (verdict === 'stop') return;
        expect(layout.cost).toBeGreaterThanOrEqual(best.layouts[0]!.cost - 1e-9);
      }),
      { numRuns: 400, endOnFailure: true },
    );
  });
});
