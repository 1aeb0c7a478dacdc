import { simulatedCaliper } from './simulated-caliper';

const many = (seed: number, share?: number) => {
  const caliper = simulatedCaliper(seed, share);
  return Array.from({ length: 4000 }, () => caliper.read(10));
};

describe('the simulated caliper', () => {
  it('reads the same with the same seed, otherwise with another', () => {
    expect(many(3).slice(0, 20)).toEqual(many(3).slice(0, 20));
    expect(many(3).slice(0, 20)).not.toEqual(many(4).slice(0, 20));
  });

  it('scatters around the true length as a hand does, to a hundredth', () => {
    const values = many(5, 0).map(({ text }) => Number(text));
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const spread = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
    expect(mean).toBeCloseTo(10, 2);
    expect(spread).toBeGreaterThan(0.017);
    expect(spread).toBeLessThan(0.024);
    for (const { text } of many(5, 0)) expect(text).toMatch(/^\d+\.\d{2}$/);
  });

  it('slips now and then, in every way, and far enough to be noticed', () => {
    const slipped = many(6).filter(({ slip }) => slip !== null);
    expect(slipped.length / 4000).toBeGreaterThan(0.04);
    expect(slipped.length / 4000).toBeLessThan(0.08);
    expect(new Set(slipped.map(({ slip }) => slip)).size).toBe(4);
    for (const { text } of slipped) expect(Math.abs(Number(text) - 10)).toBeGreaterThan(0.25);
    expect(many(6, 0).every(({ slip }) => slip === null)).toBe(true);
  });
});
