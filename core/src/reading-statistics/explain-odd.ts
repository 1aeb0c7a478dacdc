/** Why a reading may be off, for the person who took it. */
export interface OddReading {
  /** Stable name of the suspicion. */
  kind: 'inches' | 'decimal-point' | 'digits-swapped' | 'far-off';
  /** What the reading would be if the suspicion holds, in mm. */
  meantMm: number | null;
}

/**
 * What may have gone wrong with a reading that does not fit the others.
 *
 * Tried in this order: read in inches, decimal point slipped, two digits swapped. Each counts only when the mended
 * figure comes within `nearMm` of what is expected.
 *
 * @param valueMm - the odd reading
 * @param expectedMm - the median of the others, or the nearest standard
 * @param nearMm - how near the mended figure must come
 * @returns the likeliest slip, `far-off` when none explains it
 *
 * @example explainOdd(0.394, 10, 0.3) // { kind: 'inches', meantMm: 10.0076 }
 * @example explainOdd(95.8, 9.6, 0.3) // { kind: 'decimal-point', meantMm: 9.58 }
 */
export function explainOdd(valueMm: number, expectedMm: number, nearMm: number): OddReading {
  const near = (candidate: number) => Math.abs(candidate - expectedMm) <= nearMm;
  const clean = (candidate: number) => Number(candidate.toFixed(4));
  if (near(valueMm * 25.4)) return { kind: 'inches', meantMm: clean(valueMm * 25.4) };
  for (const factor of [10, 0.1, 100, 0.01]) {
    if (near(valueMm * factor)) return { kind: 'decimal-point', meantMm: clean(valueMm * factor) };
  }
  // With so many swaps to try, one comes near by chance: only a close match explains anything.
  const swapped = neighbourSwaps(valueMm).find((candidate) => Math.abs(candidate - expectedMm) <= nearMm / 3);
  if (swapped !== undefined) return { kind: 'digits-swapped', meantMm: swapped };
  return { kind: 'far-off', meantMm: null };
}

function neighbourSwaps(value: number): number[] {
  const digits = String(value).split('');
  const swaps: number[] = [];
  for (let i = 0; i < digits.length; i++) {
    const j = digits[i + 1] === '.' ? i + 2 : i + 1;
    if (digits[i] === '.' || j >= digits.length || digits[i] === digits[j]) continue;
    const copy = [...digits];
    [copy[i], copy[j]] = [copy[j]!, copy[i]!];
    swaps.push(Number(copy.join('')));
  }
  return swaps;
}
