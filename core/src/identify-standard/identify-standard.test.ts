import fc from 'fast-check';

import { identifyStandard } from './identify-standard';
import { standardFeatures, standards } from './standards';

describe('identifyStandard', () => {
  it('finds the nearest size with its difference', () => {
    const { nearest } = identifyStandard({ feature: 'front-spacing', valueMm: 99.8 });
    expect(nearest).toMatchObject({ valueMm: 100, differenceMm: -0.2 });
    expect(nearest.confidence).toBeCloseTo(1, 9);
  });

  it('shares the confidence where two sizes are as near', () => {
    const { nearest, others } = identifyStandard({ feature: 'open-slot', valueMm: 9.75 });
    // Δ is 0.25 to both 9.5 and 10; σ² = 0.15² + 0.15².
    expect([nearest.valueMm, others[0]!.valueMm].sort()).toEqual([10, 9.5]);
    expect(nearest.confidence).toBeCloseTo(0.5, 2);
  });

  it('reckons as the formula says', () => {
    const { nearest, others } = identifyStandard({ feature: 'open-slot', valueMm: 9.58, uncertaintyMm: 0.05 });
    const variance = 0.05 ** 2 + 0.15 ** 2;
    const weights = standards['open-slot'].map(({ valueMm }) => Math.exp(-((9.58 - valueMm) ** 2) / (2 * variance)));
    const sum = weights.reduce((a, b) => a + b);
    expect(nearest).toMatchObject({ valueMm: 9.5 });
    expect(nearest.confidence).toBeCloseTo(weights[2]! / sum, 12);
    expect(others).toHaveLength(6);
  });

  it.each([
    ['front-spacing', 3.94, 100],
    ['bead-seat', 22, 559],
    ['open-slot', 0.394, 10],
  ] as const)('suspects inches for %s %d', (feature, valueMm, size) => {
    expect(identifyStandard({ feature, valueMm }).inches?.nearest.valueMm).toBe(size);
  });

  it('does not suspect inches within a millimetre of the table, nor where inches make no sense', () => {
    expect(identifyStandard({ feature: 'open-slot', valueMm: 7.2 }).inches).toBeUndefined();
    expect(identifyStandard({ feature: 'front-spacing', valueMm: 30 }).inches).toBeUndefined();
  });

  it('has confidences that add up to one, and a nearest size however far the reading', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...standardFeatures),
        fc.double({ min: 0.01, max: 1500, noNaN: true }),
        (feature, valueMm) => {
          const { nearest, others } = identifyStandard({ feature, valueMm });
          const all = [nearest, ...others];
          expect(all.reduce((sum, { confidence }) => sum + confidence, 0)).toBeCloseTo(1, 9);
          const closest = Math.min(...standards[feature].map((size) => Math.abs(size.valueMm - valueMm)));
          expect(Math.abs(nearest.differenceMm)).toBeCloseTo(closest, 5);
        },
      ),
    );
  });

  it('names field, value and range in the error', () => {
    expect(() => identifyStandard({ feature: 'rotor', valueMm: 9999 })).toThrow(
      'valueMm is 9999: input.number-in {"min":0.01,"max":1500,"unit":"mm"}',
    );
    expect(() => identifyStandard({ feature: 'colour' as never, valueMm: 1 })).toThrow(
      /feature is "colour": input.one-of/,
    );
  });
});
