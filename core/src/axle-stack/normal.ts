/**
 * Standard normal distribution function, by the error function's series near the middle and its continued fraction in the
 * tails; good to about 1e-14.
 *
 * @example normalBelow(1.96) // 0.9750021
 */
export function normalBelow(z: number): number {
  if (z === Infinity) return 1;
  if (z === -Infinity) return 0;
  const x = Math.abs(z) / Math.SQRT2;
  const upper = x < 2.5 ? (1 - erfSeries(x)) / 2 : erfcFraction(x) / 2;
  return z > 0 ? 1 - upper : upper;
}

/** Chance that a normal value with this mean and deviation lies from `from` to `to`. */
export function chanceWithin(mean: number, deviation: number, from: number, to: number): number {
  // A figure exactly on a limit that allows it still holds, in spite of binary dust.
  if (deviation === 0) return mean >= from - 1e-9 && mean <= to + 1e-9 ? 1 : 0;
  return normalBelow((to - mean) / deviation) - normalBelow((from - mean) / deviation);
}

function erfSeries(x: number): number {
  let term = x;
  let sum = x;
  for (let n = 1; Math.abs(term) > 1e-17 * Math.abs(sum) && n < 200; n++) {
    term *= (-x * x) / n;
    sum += term / (2 * n + 1);
  }
  return (2 / Math.sqrt(Math.PI)) * sum;
}

function erfcFraction(x: number): number {
  let fraction = 0;
  for (let k = 80; k >= 1; k--) fraction = k / 2 / (x + fraction);
  return Math.exp(-x * x) / (Math.sqrt(Math.PI) * (x + fraction));
}
