import type { Limits } from '../limits';
import type { BikeChecksInput } from './contract';
import { airDensity, gravity, rollingResistance, slope, usual } from './forces';

/** Heat into the brakes when the speed is held on the named grade; null without one. */
export function descentHeatW({ descent, massKg, speedKmh }: BikeChecksInput): number | null {
  if (!descent) return null;
  const speed = (descent.speedKmh ?? speedKmh.after) / 3.6;
  const angle = slope(descent.gradePercent);
  const pull = massKg.after * gravity * Math.sin(angle);
  const rolling = massKg.after * gravity * Math.cos(angle) * rollingResistance;
  const air = 0.5 * airDensity * (descent.cdaM2 ?? usual.cdaM2) * speed ** 2;
  return Math.max(0, pull - rolling - air) * speed;
}

/** What both brakes together take on a long descent. */
export function takesW(brakes: BikeChecksInput['brakes'], limits: Limits): number {
  return oneTakesW(brakes.front, limits) + oneTakesW(brakes.rear, limits);
}

function oneTakesW({ kind, rotorMm = 160 }: BikeChecksInput['brakes']['front'], limits: Limits): number {
  if (kind === 'none') return 0;
  if (kind === 'rim') return limits.rimHeatW;
  if (kind !== 'rotor') return limits.drumHeatW;
  const table = [
    [160, limits.rotorHeatSmallW],
    [180, limits.rotorHeatMiddleW],
    [203, limits.rotorHeatLargeW],
  ] as const;
  if (rotorMm <= 160) return limits.rotorHeatSmallW * (rotorMm / 160) ** 2;
  for (let at = 1; at < table.length; at++) {
    const [low, lowW] = table[at - 1]!;
    const [high, highW] = table[at]!;
    if (rotorMm <= high) return lowW + ((highW - lowW) * (rotorMm - low)) / (high - low);
  }
  return limits.rotorHeatLargeW;
}

/**
 * The speed up to the assisted one at which holding back heats the brakes most: faster than that the air takes over more than it
 * brings.
 */
export function hottestDescentKmh(input: BikeChecksInput): number {
  let hottest = 5;
  let most = -1;
  for (let speedKmh = 5; speedKmh <= Math.max(5, input.speedKmh.after) + 1e-9; speedKmh += 0.5) {
    const heat = descentHeatW({ ...input, descent: { ...input.descent!, speedKmh } })!;
    if (heat > most + 1e-9) [hottest, most] = [speedKmh, heat];
  }
  return hottest;
}
