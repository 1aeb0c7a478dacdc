import { dust } from '../verdict';

/** A bolt and how much thread of it holds. */
export interface BoltChoice {
  lengthMm: number;
  engagementMm: number;
}

/**
 * The longest bolt whose engagement lies in the window: most thread without touching what is under it.
 *
 * @param lengthsMm - to choose from
 * @param stackMm - what the bolt passes through before the thread
 * @returns null when none is right
 * @example longestBolt([10, 12, 14], 4, 6, 8.5) // { lengthMm: 12, engagementMm: 8 }
 */
export function longestBolt(
  lengthsMm: readonly number[],
  stackMm: number,
  leastMm: number,
  mostMm: number,
): BoltChoice | null {
  let best: BoltChoice | null = null;
  for (const lengthMm of lengthsMm) {
    const engagementMm = lengthMm - stackMm;
    if (engagementMm < leastMm - dust || engagementMm > mostMm + dust) continue;
    if (!best || lengthMm > best.lengthMm) best = { lengthMm, engagementMm: Number(engagementMm.toFixed(9)) };
  }
  return best;
}

/**
 * The length to buy: one of the usual lengths, else the longest whole millimetre that is right.
 */
export function boltToBuy(usualMm: readonly number[], stackMm: number, leastMm: number, mostMm: number): number | null {
  const usual = longestBolt(usualMm, stackMm, leastMm, mostMm);
  if (usual) return usual.lengthMm;
  const whole = Math.floor(stackMm + mostMm + dust);
  return whole - stackMm >= leastMm - dust ? whole : null;
}

/**
 * Star order for bolts on a circle: always across, so that the rotor is drawn down flat.
 *
 * Even n: 0, n/2, 1, n/2 + 1 …; odd n: 0, 2, 4 … then 1, 3 …; counted from 1.
 *
 * @example starOrder(6) // [1, 4, 2, 5, 3, 6]
 */
export function starOrder(count: number): number[] {
  const half = count / 2;
  if (count % 2 === 0) return Array.from({ length: half }, (_, i) => [i + 1, half + i + 1]).flat();
  const all = Array.from({ length: count }, (_, i) => i);
  return [...all.filter((i) => i % 2 === 0), ...all.filter((i) => i % 2 === 1)].map((i) => i + 1);
}
