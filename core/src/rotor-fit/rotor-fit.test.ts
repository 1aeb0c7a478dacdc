import fc from 'fast-check';

import type { RotorFitInput } from './contract';
import { starOrder } from './bolts';
import { rotorFit } from './rotor-fit';
import { say } from '../english.testing';

const base: RotorFitInput = {
  hubMaterial: 'aluminium',
  rotorThicknessMm: 1.8,
  shimMm: 0,
  washerMm: 0,
  holeDepthMm: 9,
  boltsMm: [8, 10, 12],
  boltPattern: { hub: 'six-bolt', rotor: 'six-bolt' },
  rotorDiameterMm: 160,
  maxRotorMm: 180,
  caliper: { inboardMm: 14, depthMm: 30, mount: 'side' },
  coverFaceMm: 17,
  coverDiameterMm: 132,
  legGapMm: 4,
  mount: { shimMm: 0, plateMm: 8, boltsMm: [16, 18, 20], threadDepthMm: 12 },
};
const id = (input: RotorFitInput, wanted: string) => rotorFit(input).findings.find((item) => item.id === wanted);

describe('rotor and caliper', () => {
  it('takes the longest bolts that touch nothing', () => {
    expect(rotorFit(base)).toMatchObject({
      verdict: 'goes',
      boltMm: 10,
      engagementMm: 8.2,
      coverGapMm: 3,
      caliperBoltMm: 20,
      caliperEngagementMm: 12,
    });
  });

  it('names the length to buy when bolts are too long or, after shims, too short', () => {
    expect(rotorFit({ ...base, boltsMm: [12, 14] })).toMatchObject({ verdict: 'work', buyBoltMm: 10 });
    expect(say(id({ ...base, boltsMm: [12, 14] }, 'rotor-bolt')!.because)).toContain('would touch under the cover');
    const shimmed = { ...base, shimMm: 4, boltsMm: [10] };
    expect(rotorFit(shimmed)).toMatchObject({ verdict: 'work', buyBoltMm: 14 });
    expect(say(id(shimmed, 'rotor-bolt')!.because)).toContain('too short');
    expect(rotorFit({ ...base, mount: { ...base.mount, shimMm: 4 } })).toMatchObject({
      buyCaliperBoltMm: 22,
    });
  });

  it('stops when the thread cannot hold any bolt', () => {
    expect(rotorFit({ ...base, holeDepthMm: 6 }).verdict).toBe('stop');
  });

  it('asks for less thread in steel', () => {
    expect(rotorFit({ ...base, holeDepthMm: 6, hubMaterial: 'steel', boltsMm: [7] })).toMatchObject({
      boltMm: 7,
      engagementMm: 5.2,
    });
  });

  it('sees the caliper on the cover only where the cover reaches under it', () => {
    const touching = { ...base, coverFaceMm: 13 };
    expect(id(touching, 'cover-gap')).toMatchObject({ verdict: 'stop', measured: -1 });
    expect(id({ ...touching, coverDiameterMm: 98 }, 'cover-gap')).toMatchObject({ verdict: 'goes' });
  });

  it.each<[string, Partial<RotorFitInput>, RegExp]>([
    ['a rotor shim', { rotorShimsMm: [1, 2] }, /2 mm under the rotor/],
    ['a slimmer caliper', { slimCalipersMm: [12] }, /slimmer caliper/],
    ['a larger rotor', { maxRotorMm: 203, coverDiameterMm: 110 }, /180 mm rotor/],
    ['the rim', { rimTrack: true }, /rim/],
  ])('finds %s as a way out of the cover', (_, change, words) => {
    const rule = id({ ...base, coverFaceMm: 13, ...change }, 'cover-gap')!;
    expect(rule.verdict).toBe('work');
    expect(rule.remedies.map(say).join(' ')).toMatch(words);
  });

  it.each([
    ['six-bolt', 'six-bolt', 'goes'],
    ['spline', 'six-bolt', 'work'],
    ['six-bolt', 'spline', 'stop'],
    ['none', 'six-bolt', 'stop'],
    ['four-bolt', 'six-bolt', 'stop'],
  ] as const)('joins a %s hub and a %s rotor: %s', (hub, rotor, verdict) => {
    expect(id({ ...base, boltPattern: { hub, rotor } }, 'rotor-pattern')!.verdict).toBe(verdict);
  });

  it('measures leg and cable against the running gap', () => {
    expect(id({ ...base, legGapMm: 1 }, 'leg-gap')!.verdict).toBe('stop');
    const cable = { diameterMm: 3, atRotorBolts: true };
    expect(id({ ...base, cable }, 'cable-gap')).toMatchObject({ verdict: 'stop', measured: 1 });
    expect(id({ ...base, cable, legGapMm: 4.5 }, 'cable-gap')!.verdict).toBe('goes');
    expect(id({ ...base, cable, legGapMm: undefined }, 'cable-gap')!.verdict).toBe('unknown');
  });

  it('refuses a rotor larger than allowed and renews a worn one', () => {
    expect(id({ ...base, rotorDiameterMm: 203 }, 'rotor-size')!.verdict).toBe('stop');
    expect(id({ ...base, rotorThicknessMm: 1.4 }, 'rotor-wear')!.verdict).toBe('work');
  });

  it('tightens across the circle', () => {
    expect(starOrder(6)).toEqual([1, 4, 2, 5, 3, 6]);
    expect(starOrder(4)).toEqual([1, 3, 2, 4]);
    expect(starOrder(5)).toEqual([1, 3, 5, 2, 4]);
    for (const count of [3, 4, 5, 6, 7, 8, 12]) {
      expect([...starOrder(count)].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
    }
  });

  it('chooses the same bolt as trying every length', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 6, max: 30 }), { maxLength: 8 }),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 50, max: 200 }),
        (boltsMm, shim, depth) => {
          const input = { ...base, boltsMm, shimMm: shim / 10, holeDepthMm: depth / 10 };
          const right = boltsMm.filter((length) => {
            const tenths = length * 10 - 18 - shim;
            return tenths >= 60 && tenths <= depth - 5;
          });
          expect(rotorFit(input).boltMm).toBe(right.length ? Math.max(...right) : undefined);
        },
      ),
    );
  });

  it('is never better under a tighter gap', () => {
    const rank = { stop: 0, unknown: 1, work: 2, goes: 3 };
    fc.assert(
      fc.property(fc.double({ min: 8, max: 20, noNaN: true }), (coverFaceMm) => {
        const loose = rotorFit({ ...base, coverFaceMm }).verdict;
        const tight = rotorFit({ ...base, coverFaceMm, limits: { coverGapGoesMm: 3, coverGapWorkMm: 1.5 } }).verdict;
        expect(rank[tight]).toBeLessThanOrEqual(rank[loose]);
      }),
    );
  });
});
