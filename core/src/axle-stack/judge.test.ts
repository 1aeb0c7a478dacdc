import fc from 'fast-check';

import { axleStack } from './axle-stack';
import { anyEnd, plainEnd } from './cases.testing';
import { judgeStack, stackFindings, type Arrangement } from './judge';

const thickness = (input: typeof plainEnd) => (id: string) =>
  input.washers.find((washer) => washer.id === id)!.thicknessMm;
const arranged = (more: Partial<Arrangement> = {}): Arrangement => ({
  left: ['plain-15', 'tab-25'],
  right: ['plain-15', 'tab-25'],
  rotorShimsMm: [],
  caliperShimsMm: [],
  ...more,
});
const judged = (more: Partial<Arrangement> = {}, input = plainEnd) =>
  judgeStack(input, arranged(more), thickness(input));
const verdicts = (more: Partial<Arrangement> = {}, input = plainEnd) =>
  Object.fromEntries(stackFindings(input, judged(more, input)).map(({ id, verdict }) => [id, verdict]));

describe('judging one arrangement', () => {
  it('says the same of a computed stack as the search', () => {
    fc.assert(
      fc.property(anyEnd, (input) => {
        for (const stack of axleStack(input).stacks) {
          const again = judgeStack(
            input,
            {
              left: stack.left.inside,
              right: stack.right.inside,
              rotorShimsMm: stack.rotorShimsMm,
              caliperShimsMm: stack.caliperShimsMm,
            },
            thickness(input),
          );
          expect(again).toEqual(stack);
          expect(stackFindings(input, stack).some(({ verdict }) => verdict === 'stop')).toBe(false);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('adds up by hand', () => {
    // 92 + (1.5 + 2.5) + (1 + 2.5) − 100 = −0.5 ; (4 − 3.5) / 2 = 0.25
    const stack = judged({ right: ['plain-10', 'tab-25'] });
    expect(stack).toMatchObject({ spreadMm: -0.5, rimOffsetMm: 0.25, rotorErrorMm: 0, washerCount: 4 });
    expect(stack.threadLeftMm).toEqual({ left: 38 - 4 - 5 - 9, right: 38 - 3.5 - 5 - 9 });
    expect(stack.cost).toBeCloseTo(4 * 0.25 ** 2 + 2 * 0.5 ** 2 + 0.6, 9);
  });

  it('goes up to half the spread, works to the whole, stops beyond', () => {
    const wide = (shoulderWidthMm: number) => verdicts({}, { ...plainEnd, hub: { ...plainEnd.hub, shoulderWidthMm } });
    expect(wide(93.5)['spread']).toBe('goes');
    expect(wide(93.6)['spread']).toBe('work');
    expect(wide(95)['spread']).toBe('work');
    expect(wide(95.1)['spread']).toBe('stop');
    expect(wide(91.5)['pinch']).toBe('goes');
    expect(wide(91.4)['pinch']).toBe('work');
    expect(wide(90.9)['pinch']).toBe('stop');
  });

  it('goes up to 1 mm of rim offset, works to 2, stops beyond', () => {
    const off = (rimOffsetMm: number) => verdicts({}, { ...plainEnd, hub: { ...plainEnd.hub, rimOffsetMm } });
    expect(off(1)['rim-offset']).toBe('goes');
    expect(off(-1.01)['rim-offset']).toBe('work');
    expect(off(-2)['rim-offset']).toBe('work');
    expect(off(2.01)['rim-offset']).toBe('stop');
  });

  it('stops a nut without thread and one that would bottom', () => {
    const short = { ...plainEnd, hub: { ...plainEnd.hub, axleMm: { left: 17.9, right: 18 } } };
    expect(verdicts({}, short)).toMatchObject({ 'thread-left': 'stop', 'thread-right': 'goes' });
    const late = { ...plainEnd, hub: { ...plainEnd.hub, threadFromMm: { left: 9.1, right: 9 } } };
    expect(verdicts({}, late)).toMatchObject({ 'nut-bottoms-left': 'stop', 'nut-bottoms-right': 'goes' });
  });

  it('stops a sprocket that is too near the dropout', () => {
    const near = { ...plainEnd, hub: { ...plainEnd.hub, smallSprocketMm: -0.1 } };
    expect(verdicts({}, near)['sprocket-gap']).toBe('stop');
    expect(verdicts({}, { ...near, want: { sprocketGapMinMm: 3.9 } })['sprocket-gap']).toBe('goes');
  });

  it.each([
    ['none', ['plain-15', 'plain-15'], 'stop'],
    ['two', ['tab-25', 'tab-25'], 'stop'],
    ['one next to the hub', ['tab-25', 'plain-15'], 'stop'],
    ['one next to the dropout', ['plain-15', 'tab-25'], undefined],
  ])('with %s tabbed washer on a side that needs one', (_, left, verdict) => {
    expect(verdicts({ left })['tab-left']).toBe(verdict);
  });

  it('stops a tabbed washer where there is no slot for it', () => {
    expect(verdicts({}, { ...plainEnd, tabs: { left: false, right: true } })['tab-left']).toBe('stop');
  });

  it('lowers the chance of a first-time fit as a figure nears its limit', () => {
    const chance = (rimOffsetMm: number) =>
      judged({}, { ...plainEnd, hub: { ...plainEnd.hub, rimOffsetMm } }).firstTimeRight;
    expect(chance(0)).toBeGreaterThan(0.999);
    expect(chance(1.6)).toBeLessThan(chance(1.2));
    // On the limit itself every second one is over it.
    expect(chance(2)).toBeCloseTo(0.5, 3);
  });
});
