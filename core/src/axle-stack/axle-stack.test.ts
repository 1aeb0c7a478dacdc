import fc from 'fast-check';

import { axleStack } from './axle-stack';
import { bruteForce } from './brute-force.testing';
import { anyEnd, mirrored, plainEnd, sideless } from './cases.testing';
import type { AxleStackInput } from './contract';

describe('axleStack against plain enumeration', () => {
  it('finds the same best stacks in the same order on random ends', () => {
    let solvable = 0;
    fc.assert(
      fc.property(anyEnd, (input) => {
        const all = bruteForce(input);
        const { stacks, impossible } = axleStack(input);
        expect(stacks.length).toBe(Math.min(5, all.length));
        expect(impossible === undefined).toBe(all.length > 0);
        stacks.forEach((stack, index) => {
          const expected = all[index]!;
          expect(Math.abs(stack.cost - expected.cost)).toBeLessThan(1e-9);
          expect(stack.left.inside).toEqual(expected.left);
          expect(stack.right.inside).toEqual(expected.right);
          expect(stack.rotorShimMm).toBeCloseTo(expected.q, 9);
          expect(stack.caliperShimMm).toBeCloseTo(expected.p, 9);
        });
        if (all.length > 0) solvable++;
      }),
      { numRuns: 400, seed: 20 },
    );
    // The comparison is worth something only when many of the ends can be solved.
    expect(solvable).toBeGreaterThan(75);
  });

  it('names a purchase that makes an impossible end possible, and none with fewer or thinner pieces does', () => {
    let bought = 0;
    fc.assert(
      fc.property(anyEnd, (input) => {
        const { impossible } = axleStack(input);
        const purchase = impossible?.purchase;
        if (!purchase || purchase.some(({ kind }) => kind !== 'plain' && kind !== 'tabbed')) return;
        bought++;
        const pieces = purchase.reduce((sum, item) => sum + item.count, 0);
        const thickness = purchase.reduce((sum, item) => sum + item.count * item.thicknessMm, 0);
        expect(bruteForce(withBought(input, purchase)).length).toBeGreaterThan(0);
        for (const one of shopSingles) {
          if (pieces > 1 || one.thicknessMm < thickness - 1e-9) {
            expect(bruteForce(withBought(input, [{ ...one, count: 1 }]))).toEqual([]);
          }
        }
      }),
      { numRuns: 60, seed: 4 },
    );
    expect(bought).toBeGreaterThan(15);
  });
});

const shopSingles = (['plain', 'tabbed'] as const).flatMap((kind) =>
  // A tab thinner than 2 mm is a foil: nobody buys one to hold an axle.
  [0.5, 1, 1.5, 2, 2.5, 3, 5]
    .filter((thicknessMm) => kind === 'plain' || thicknessMm >= 2)
    .map((thicknessMm) => ({ kind, thicknessMm })),
);

function withBought(input: AxleStackInput, purchase: { kind: string; thicknessMm: number; count: number }[]) {
  const extra = purchase.map((item, index) => ({
    id: `bought-${index}`,
    kind: item.kind as 'plain' | 'tabbed',
    thicknessMm: item.thicknessMm,
    count: item.count,
  }));
  return { ...input, washers: [...input.washers, ...extra] };
}

describe('axleStack properties', () => {
  it('gives the mirrored answer for the mirrored end', () => {
    fc.assert(
      fc.property(anyEnd, (input) => {
        const plain = sideless(input);
        const [here] = axleStack(plain).stacks;
        const [there] = axleStack(mirrored(plain)).stacks;
        expect(there?.cost.toFixed(9)).toBe(here?.cost.toFixed(9));
        expect(there?.verdict).toBe(here?.verdict);
      }),
      { numRuns: 120 },
    );
  });

  it('never gets worse with more washers in the stores', () => {
    fc.assert(
      fc.property(anyEnd, fc.double({ min: 0.3, max: 4, noNaN: true }), (input, thicknessMm) => {
        const before = axleStack(input).stacks[0]?.cost ?? Infinity;
        const more = {
          ...input,
          washers: [...input.washers, { id: 'more', kind: 'plain' as const, thicknessMm, count: 2 }],
        };
        expect(axleStack(more).stacks[0]?.cost ?? Infinity).toBeLessThanOrEqual(before + 1e-9);
      }),
      { numRuns: 120 },
    );
  });

  it('never breaks a limit in a stack it offers', () => {
    fc.assert(
      fc.property(anyEnd, (input) => {
        for (const stack of axleStack(input).stacks) {
          expect(stack.threadLeftMm.left).toBeGreaterThanOrEqual(0);
          expect(stack.threadLeftMm.right).toBeGreaterThanOrEqual(0);
          expect(Math.abs(stack.rimOffsetMm)).toBeLessThanOrEqual(2);
          expect(stack.verdict === 'goes' || stack.verdict === 'work').toBe(true);
          expect(stack.firstTimeRight).toBeGreaterThanOrEqual(0);
          expect(stack.firstTimeRight).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 120 },
    );
  });
});

describe('axleStack worked examples', () => {
  it('fills 100 mm around a 92 mm hub with the tabbed washers and one plain washer a side', () => {
    const { stacks, verdict, findings } = axleStack(plainEnd);
    expect(stacks[0]).toMatchObject({
      left: { inside: ['plain-15', 'tab-25'], totalMm: 4 },
      right: { inside: ['plain-15', 'tab-25'], totalMm: 4 },
      spreadMm: 0,
      rimOffsetMm: 0,
      washerCount: 4,
      threadLeftMm: { left: 20, right: 20 },
    });
    expect(stacks[0]!.cost).toBeCloseTo(0.6, 9);
    expect(verdict).toBe('goes');
    expect(findings.every((finding) => finding.verdict === 'goes')).toBe(true);
  });

  it('moves the rotor with a shim when the washers cannot', () => {
    const { stacks } = axleStack({
      ...plainEnd,
      hub: { ...plainEnd.hub, rotorFaceMm: 12.5 },
      want: { rotorFaceMm: 15.5 },
      rotorShims: [1],
    });
    // m + A − r = 12.5 + 4 − 15.5 = 1 inboard; the 1 mm shim takes it away.
    expect(stacks[0]).toMatchObject({ rotorShimMm: 1, rotorErrorMm: 0 });
  });

  it('refuses carbon at any figure', () => {
    const result = axleStack({ ...plainEnd, material: 'carbon' });
    expect(result).toMatchObject({ verdict: 'stop', stacks: [], impossible: { limit: 'material' } });
  });

  it('names the spread when the hub is too wide, and offers nothing to buy', () => {
    const { impossible } = axleStack({ ...plainEnd, hub: { ...plainEnd.hub, shoulderWidthMm: 104 } });
    expect(impossible).toMatchObject({ limit: 'spread' });
    expect(impossible?.purchase).toBeUndefined();
  });

  it('names the washers to buy when the stores cannot fill the gap', () => {
    const { impossible } = axleStack({
      ...plainEnd,
      hub: { ...plainEnd.hub, shoulderWidthMm: 82 },
      washers: plainEnd.washers.slice(0, 1),
    });
    // 18 mm of room, 5 mm of it tabbed: 13 to fill, of which the frame may be pinched 1.
    expect(impossible).toMatchObject({
      limit: 'pinch',
      purchase: [
        { kind: 'plain', thicknessMm: 5, count: 2 },
        { kind: 'plain', thicknessMm: 2, count: 1 },
      ],
    });
  });

  it('names missing tabbed washers', () => {
    const { impossible } = axleStack({ ...plainEnd, washers: plainEnd.washers.slice(1) });
    expect(impossible?.limit).toBe('tabbed-washers');
    expect(impossible?.purchase?.every(({ kind }) => kind === 'tabbed')).toBe(true);
  });

  it.each([
    ['spacingMm', { ...plainEnd, spacingMm: Number.NaN }],
    ['washers.0.count', { ...plainEnd, washers: [{ ...plainEnd.washers[0]!, count: -1 }] }],
    ['washers.1.id', { ...plainEnd, washers: [plainEnd.washers[0]!, plainEnd.washers[0]!] }],
    ['spacing', { ...plainEnd, spacing: 100 } as AxleStackInput],
  ])('names the field %s in the error', (path, input) => {
    expect(() => axleStack(input)).toThrow(expect.objectContaining({ path }));
  });

  it('uses a suspension fork no further than its limits', () => {
    const { stacks } = axleStack({ ...plainEnd, suspension: true });
    for (const stack of stacks) {
      expect(stack.spreadMm).toBeLessThanOrEqual(0.5);
      expect(stack.spreadMm).toBeGreaterThanOrEqual(-0.3);
    }
  });
});
