import fc from 'fast-check';

import { jobTime, stepTime } from './time';

const step = (id: string, typical: number, slow: number) => ({ id, minutes: { typical, slow } });

/** Twenty thousand jobs drawn one by one: the slow way to the same answer. */
function drawn(steps: readonly { minutes: { typical: number; slow: number } }[], seed: number): [number, number] {
  let state = seed;
  const uniform = () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return (state + 0.5) / 4_294_967_296;
  };
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const totals = Array.from({ length: 20_000 }, () => {
    const shared = Math.exp(0.15 * normal());
    const sum = steps.reduce((total, { minutes: { typical, slow } }) => {
      const sigma = Math.log(slow / typical) / 1.2816;
      return total + typical * Math.exp(sigma * normal());
    }, 0);
    return shared * sum;
  }).sort((a, b) => a - b);
  return [totals[10_000]!, totals[18_000]!];
}

describe('how long it takes', () => {
  it('is what the table says before anything is logged', () => {
    const { p50, p90 } = stepTime(step('a', 4, 8));
    expect(p50).toBeCloseTo(4, 9);
    expect(p90).toBeCloseTo(8, 9);
  });

  it('moves toward the workshop’s own minutes, as three jobs against theirs', () => {
    // Three logged jobs of 16 minutes against a table of 4: half way on the log scale.
    expect(stepTime(step('a', 4, 8), { count: 3, sumLog: 3 * Math.log(16) }).p50).toBeCloseTo(8, 9);
  });

  it('adds up as drawn jobs do', () => {
    const steps = [step('a', 4, 8), step('b', 10, 25), step('c', 30, 50), step('d', 6, 7), step('e', 55, 90)];
    const [median, slow] = drawn(steps, 7);
    const { p50, p90 } = jobTime(steps);
    expect(Math.abs(p50 / median - 1)).toBeLessThan(0.03);
    expect(Math.abs(p90 / slow - 1)).toBeLessThan(0.04);
  });

  it('is never less for more steps, and slow is never under typical', () => {
    const some = fc.array(
      fc.record({
        typical: fc.double({ min: 0.5, max: 60, noNaN: true }),
        by: fc.double({ min: 1.05, max: 4, noNaN: true }),
      }),
      { minLength: 1, maxLength: 30 },
    );
    fc.assert(
      fc.property(some, (list) => {
        const steps = list.map(({ typical, by }, index) => step(String(index), typical, typical * by));
        const [all, fewer] = [jobTime(steps), jobTime(steps.slice(1))];
        expect(all.p90).toBeGreaterThanOrEqual(all.p50);
        expect(all.p90).toBeGreaterThanOrEqual(fewer.p90 - 1e-9);
      }),
    );
    expect(jobTime([])).toEqual({ p50: 0, p90: 0 });
  });
});
