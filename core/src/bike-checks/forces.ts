import { withLimits, type Limits } from '../limits';
import type { BikeChecksInput, BrakeKind, Surface } from './contract';

export const gravity = 9.81;

/** Air at 15 °C, in kg/m³. */
export const airDensity = 1.225;

/** Rolling resistance of a loaded city tyre [J]. */
export const rollingResistance = 0.008;

/** Grip of a tyre by surface. */
export function gripOn(surface: Surface, limits: Limits): number {
  const { gripDry: dry, gripWet: wet, gripGravel: gravel, gripLoose: loose } = limits;
  return { dry, wet, gravel, loose }[surface];
}

/** A 28 inch wheel, and a rider sitting upright on a city bike [J]. */
export const usual = {
  wheelRadiusM: 0.334,
  geometry: { wheelbaseM: 1.08, centreHeightM: 1.05, frontShare: 0.4 },
  cdaM2: 0.55,
  reactionS: 0.8,
};

type Brake = BikeChecksInput['brakes']['front'];

/** Most braking force at the tyre, in N. */
function forceOf({ kind, rotorMm = 160 }: Brake, limits: Limits): number {
  const most: Record<BrakeKind, number> = {
    rotor: (limits.brakeForceRotorN * rotorMm) / 160,
    rim: limits.brakeForceRimN,
    drum: limits.brakeForceDrumN,
    coaster: limits.brakeForceCoasterN,
    none: 0,
  };
  return most[kind];
}

/**
 * Deceleration in m/s² with both brakes at the point of slipping or at what they can do.
 *
 * Braking shifts load to the front: the deceleration is found where both sides agree, and never lifts the rear wheel.
 */
export function deceleration(input: BikeChecksInput, massKg: number): number {
  const { wheelbaseM, centreHeightM, frontShare } = input.geometry ?? usual.geometry;
  const limits = withLimits(input.limits);
  const mu = gripOn(input.surface ?? 'dry', limits);
  const excess = (a: number) => {
    const shift = (massKg * a * centreHeightM) / wheelbaseM;
    const front = massKg * gravity * frontShare + shift;
    const rear = Math.max(0, massKg * gravity * (1 - frontShare) - shift);
    return (
      Math.min(forceOf(input.brakes.front, limits), mu * front) +
      Math.min(forceOf(input.brakes.rear, limits), mu * rear) -
      massKg * a
    );
  };
  const lifts = (gravity * (1 - frontShare) * wheelbaseM) / centreHeightM;
  let [low, high] = [0, Math.min(lifts, mu * gravity)];
  if (excess(high) >= 0) return high;
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (excess(middle) >= 0) low = middle;
    else high = middle;
  }
  return low;
}

/** Way to a stand from this speed, with the time to react; infinite without brakes. */
export function stoppingDistanceM(input: BikeChecksInput, massKg: number, speedKmh: number): number {
  const speed = speedKmh / 3.6;
  return speed * usual.reactionS + speed ** 2 / (2 * deceleration(input, massKg));
}

/** Slope angle of a grade. */
export function slope(gradePercent: number): number {
  return Math.atan(gradePercent / 100);
}

/** Load on the driven wheel on a climb: the slope shifts weight to the rear. */
export function drivenLoadN(input: BikeChecksInput, end: 'front' | 'rear', gradePercent: number): number {
  const { wheelbaseM, centreHeightM, frontShare } = input.geometry ?? usual.geometry;
  const angle = slope(gradePercent);
  const weight = input.massKg.after * gravity;
  const front = weight * (Math.cos(angle) * frontShare - (Math.sin(angle) * centreHeightM) / wheelbaseM);
  const load = end === 'front' ? front : weight * Math.cos(angle) - front;
  return Math.max(0, load);
}
