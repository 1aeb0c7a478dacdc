import fc from 'fast-check';

import { chanceWithin, normalBelow } from './normal';

/** The same by adding up the density in small steps, from far below. */
function addedUp(z: number): number {
  const from = -10;
  const steps = 20_000;
  const step = (z - from) / steps;
  const density = (x: number) => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
  let sum = (density(from) + density(z)) / 2;
  for (let n = 1; n < steps; n++) sum += density(from + n * step);
  return sum * step;
}

describe('the normal distribution', () => {
  it.each([
    [0, 0.5],
    [1, 0.8413447460685429],
    [-1, 0.15865525393145707],
    [1.96, 0.9750021048517795],
    [-3, 0.0013498980316300933],
    [6, 0.9999999990134123],
  ])('below %d lies %d', (z, chance) => {
    expect(normalBelow(z)).toBeCloseTo(chance, 12);
  });

  it('agrees with adding up the density', () => {
    fc.assert(
      fc.property(fc.double({ min: -6, max: 6, noNaN: true }), (z) => {
        expect(normalBelow(z)).toBeCloseTo(addedUp(z), 7);
      }),
      { numRuns: 60 },
    );
  });

  it('is symmetrical and rises', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.double({ min: 0.001, max: 3, noNaN: true }),
        (z, by) => {
          expect(normalBelow(z) + normalBelow(-z)).toBeCloseTo(1, 12);
          expect(normalBelow(z + by)).toBeGreaterThanOrEqual(normalBelow(z));
        },
      ),
    );
  });

  it('meets itself where the two ways of reckoning join', () => {
    const join = 2.5 * Math.SQRT2;
    expect(normalBelow(join - 1e-9)).toBeCloseTo(normalBelow(join + 1e-9), 10);
  });

  it('knows certainty', () => {
    expect(normalBelow(Infinity)).toBe(1);
    expect(normalBelow(-Infinity)).toBe(0);
    expect(chanceWithin(1, 0, 0, 1)).toBe(1);
    expect(chanceWithin(1.01, 0, 0, 1)).toBe(0);
    expect(chanceWithin(0, 1, -Infinity, Infinity)).toBe(1);
  });
});
