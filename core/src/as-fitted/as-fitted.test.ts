import fc from 'fast-check';

import type { Arrangement } from '../axle-stack';
import { fit } from '../fit';
import { invented } from '../fit/invented.testing';
import { coverGapAsFound, fittedStack, rimAsFound, runningGapAsFound } from './index';

const asked = invented();
const report = fit(asked);
const input = report.stackInput!;
const planned = report.stack!.stacks[0]!;
const arrangement: Arrangement = {
  left: planned.left.inside,
  right: planned.right.inside,
  rotorShimsMm: planned.rotorShimsMm,
  caliperShimsMm: planned.caliperShimsMm,
};
const fitted = (change: Partial<Arrangement> = {}) => fittedStack(asked, report, { ...arrangement, ...change })!;

describe('a stack as it is on the axle', () => {
  it('says what the plan said while it is as planned', () => {
    expect(fitted().stack).toEqual(planned);
    expect(fitted().verdict).toBe(report.verdict);
    expect(fitted({ measuredMm: { left: planned.left.totalMm } }).stack).toEqual(planned);
  });

  it('takes what a side measures together for what it is', () => {
    // Half of what one side is thicker moves the rim; all of it spreads the end.
    const { stack } = fitted({ measuredMm: { left: planned.left.totalMm + 0.2 } });
    expect(stack.rimOffsetMm - planned.rimOffsetMm).toBeCloseTo(0.1, 9);
    expect(stack.spreadMm - planned.spreadMm).toBeCloseTo(0.2, 9);
    expect(stack.threadLeftMm.left - planned.threadLeftMm.left).toBeCloseTo(-0.2, 9);
  });

  it('is not known where a side measures another washer’s worth', () => {
    const { findings, verdict } = fitted({ measuredMm: { right: planned.right.totalMm + 0.5 } });
    expect(verdict).not.toBe('goes');
    expect(findings.find(({ id }) => id === 'stack-measured-right')).toMatchObject({
      verdict: 'unknown',
      measured: planned.right.totalMm + 0.5,
      limit: planned.right.totalMm,
    });
  });

  it('stops where the tabbed washer is left out', () => {
    const left = planned.left.inside.filter((id) => !id.startsWith('tabbed'));
    expect(left.length).toBeLessThan(planned.left.inside.length);
    expect(fitted({ left }).verdict).toBe('stop');
  });

  it('has no answer for a washer that is not there, or an end that is not measured', () => {
    expect(fittedStack(asked, report, { ...arrangement, left: ['plain-9'] })).toBeNull();
    const open = invented({ lengths: { 'plate.left': null } });
    expect(fittedStack(open, fit(open), arrangement)).toBeNull();
  });
});

describe('the rim as found', () => {
  it('is half of what one gap is larger, and no surprise within what readings scatter', () => {
    const rim = rimAsFound(input, planned, 2 * planned.rimOffsetMm + 0.4);
    expect(rim.offsetMm).toBeCloseTo(planned.rimOffsetMm + 0.2, 9);
    expect(rim).toMatchObject({ surprising: false, better: null, finding: { verdict: 'goes' } });
  });

  it('is judged by the same limits as the plan: simply goes, goes after work, stop', () => {
    const { rimOffsetGoesMm = 1, rimOffsetMm = 2 } = input.limits ?? {};
    for (const [offsetMm, verdict] of [
      [rimOffsetGoesMm, 'goes'],
      [-rimOffsetGoesMm - 0.05, 'work'],
      [rimOffsetMm, 'work'],
      [-rimOffsetMm - 0.05, 'stop'],
    ] as const) {
      expect([offsetMm, rimAsFound(input, planned, 2 * offsetMm).finding.verdict]).toEqual([offsetMm, verdict]);
    }
  });

  it('names washers that bring it nearer to the middle, never ones that do not', () => {
    let named = 0;
    fc.assert(
      fc.property(fc.double({ min: -6, max: 6, noNaN: true }), (nearerRightMm) => {
        const { better, offsetMm, finding } = rimAsFound(input, planned, nearerRightMm);
        if (finding.verdict === 'goes') expect(better).toBeNull();
        if (!better) return;
        named += 1;
        expect(Math.abs(better.rimOffsetMm)).toBeLessThan(Math.abs(offsetMm));
        // By hand: the rim goes by half of what left gains on right, from where it was found.
        const shift = (better.left.totalMm - better.right.totalMm - planned.left.totalMm + planned.right.totalMm) / 2;
        expect(better.rimOffsetMm).toBeCloseTo(offsetMm + shift, 1);
      }),
      { numRuns: 60 },
    );
    expect(named).toBeGreaterThan(0);
  });

  it('surprises further off than readings scatter', () => {
    expect(rimAsFound(input, planned, 2 * (planned.rimOffsetMm + 0.7)).surprising).toBe(true);
  });
});

describe('gaps as found', () => {
  it.each([
    [1.5, 'goes'],
    [1.45, 'work'],
    [0.5, 'work'],
    [0.45, 'stop'],
  ])('calls a cover %s mm from the caliper %s', (foundMm, verdict) => {
    expect(coverGapAsFound(foundMm, undefined).verdict).toBe(verdict);
  });

  it('wants the workshop’s own running gap', () => {
    expect(runningGapAsFound(1.5, undefined).verdict).toBe('goes');
    expect(runningGapAsFound(1.4, undefined)).toMatchObject({ verdict: 'stop', limit: 1.5 });
    expect(runningGapAsFound(1.4, { runningGapMm: 1.2 }).verdict).toBe('goes');
  });
});
