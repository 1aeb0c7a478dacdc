import fc from 'fast-check';

import { explainOdd } from './explain-odd';
import { readingStatistics } from './reading-statistics';

const calipers = (...valuesMm: number[]) => readingStatistics({ instrument: 'calipers', valuesMm });

describe('readingStatistics', () => {
  it('takes the median and never claims to know better than the instrument', () => {
    expect(calipers(9.58, 9.6, 9.56)).toEqual({
      count: 3,
      valueMm: 9.58,
      uncertaintyMm: 0.05,
      spreadMm: 0.04,
      askAgain: false,
      oddIndexes: [],
    });
    expect(readingStatistics({ instrument: 'tape', valuesMm: [1050] }).uncertaintyMm).toBe(1);
  });

  it('widens the uncertainty by the median deviation', () => {
    // Deviations 0.1, 0, 0.2, 0.3, 0 from the median 10: their median is 0.1.
    expect(calipers(10.1, 10, 10.2, 9.7, 10).uncertaintyMm).toBeCloseTo(0.14826, 5);
  });

  it('asks for one more when the spread is over 0.3 mm', () => {
    expect(calipers(9.5, 9.8).askAgain).toBe(false);
    expect(calipers(9.5, 9.81).askAgain).toBe(true);
    expect(calipers(9.5, 9.81).oddIndexes).toEqual([]);
  });

  it('is content once three agree against one slip', () => {
    expect(calipers(9.58, 12.1, 9.6)).toMatchObject({ askAgain: true, oddIndexes: [1] });
    expect(calipers(9.58, 12.1, 9.6, 9.57)).toMatchObject({ valueMm: 9.59, askAgain: false, oddIndexes: [1] });
  });

  it('moves with the readings, and one slip among three moves the value no further than the others', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 200, noNaN: true }), { minLength: 1, maxLength: 9 }),
        fc.double({ min: -0.9, max: 50, noNaN: true }),
        (values, by) => {
          const here = calipers(...values);
          const there = calipers(...values.map((value) => value + by));
          expect(there.valueMm! - here.valueMm!).toBeCloseTo(by, 4);
          expect(there.uncertaintyMm).toBeCloseTo(here.uncertaintyMm!, 4);
        },
      ),
    );
    fc.assert(
      fc.property(
        fc.double({ min: 9, max: 10, noNaN: true }),
        fc.double({ min: 9, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 1900, noNaN: true }),
        (a, b, slip) => {
          const { valueMm } = calipers(a, b, slip);
          expect(valueMm).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-6);
          expect(valueMm).toBeLessThanOrEqual(Math.max(a, b) + 1e-6);
        },
      ),
    );
  });

  it('knows nothing without readings', () => {
    expect(calipers()).toMatchObject({ count: 0, valueMm: null, uncertaintyMm: null });
  });
});

describe('explainOdd', () => {
  it.each([
    [0.377, 9.58, { kind: 'inches', meantMm: 9.5758 }],
    [95.8, 9.6, { kind: 'decimal-point', meantMm: 9.58 }],
    [1.004, 100.4, { kind: 'decimal-point', meantMm: 100.4 }],
    [8.95, 9.85, { kind: 'digits-swapped', meantMm: 9.85 }],
    [8.95, 9.58, { kind: 'far-off', meantMm: null }],
    [14.2, 9.6, { kind: 'far-off', meantMm: null }],
  ])('%d where %d is expected', (value, expected, says) => {
    expect(explainOdd(value, expected, 0.3)).toEqual(says);
  });
});
