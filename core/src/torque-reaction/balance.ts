import type { Limits } from '../limits';
import { flatChordMm, rockAngleDeg } from '../slot-fit';
import { nutMostNm } from './nut';
import type { TorqueArm, TorqueReactionInput, TorqueShare, TorqueSide } from './contract';

const sides = ['left', 'right'] as const;
type Side = (typeof sides)[number];

/** Force that a clamp is credited with when nothing is said, in N. */
export const usualClampN = 1000;

/** What holds the axle, added up. */
export interface Balance {
  shares: TorqueShare[];
  frictionNm: number;
  slotNm: number;
  slotElasticNm: number;
  armsNm: number;
  safety: number;
  safetySlack: number;
  nutCreditedNm: Record<Side, number>;
}

/**
 * Adds up what holds the axle against the motor's reaction.
 *
 * Friction under both faces of each dropout, the plastic moment of the slot walls, and each arm as far as its hole or its
 * clamps hold. What bears more than `bearsWithinDeg` later than the first takes no part: by then the first has given way.
 */
export function balanceOf(input: TorqueReactionInput, limits: Limits): Balance {
  const through = input.axle.throughMm !== undefined;
  const nutCreditedNm = {
    left: creditedNut(input, 'left', limits),
    right: creditedNut(input, 'right', limits),
  };
  const elements = sides.flatMap((side) => [
    ...(through ? [] : [slotElement(input, side, limits)]),
    ...input.sides[side].arms.map((arm) => armElement(input, side, arm, limits)),
  ]);
  const first = Math.min(...elements.map(({ bearsAtDeg }) => bearsAtDeg ?? Infinity));
  const bearing = elements.map((element): TorqueShare => {
    const { bearsAtDeg } = element;
    const takesPart = bearsAtDeg !== null && bearsAtDeg <= first + limits.bearsWithinDeg + 1e-9;
    return { ...element, nm: takesPart ? element.nm : 0, takesPart };
  });
  const frictions = sides.map((side): TorqueShare => ({
    element: 'friction',
    side,
    // A through axle is screwed into one side: what its shoulders rub is not counted on.
    nm: through ? 0 : frictionNm(nutCreditedNm[side], input.axle.threadMm, input.sides[side].faceDiameterMm, limits),
    takesPart: !through,
    bearsAtDeg: null,
  }));
  const sum = (shares: readonly TorqueShare[]) => shares.reduce((total, { nm }) => total + nm, 0);
  const friction = sum(frictions);
  const slots = bearing.filter(({ element }) => element === 'slot');
  const slot = sum(slots);
  const arms = sum(bearing.filter(({ element }) => element === 'arm'));
  const factor = input.regen ? Math.max(limits.safetyFactor, limits.safetyFactorRegen) : limits.safetyFactor;
  return {
    shares: [...frictions, ...bearing],
    frictionNm: friction,
    slotNm: slot,
    // σ·l²·t/6 where the plastic moment is σ·l²·t/4.
    slotElasticNm: (slot * 4) / 6,
    armsNm: arms,
    safety: ratio(friction + slot + arms, factor * input.peakTorqueNm),
    safetySlack: ratio(slot + arms, input.peakTorqueNm),
    nutCreditedNm,
  };
}

/** Of a motor without torque anything holds; a figure that JSON can carry stands for "beyond all need". */
const plenty = 1000;

function ratio(holds: number, turns: number): number {
  return turns <= holds / plenty ? plenty : holds / turns;
}

function creditedNut({ axle, sides: both }: TorqueReactionInput, side: Side, limits: Limits): number {
  return Math.min(both[side].nutTorqueNm, nutMostNm(axle.threadMm, both[side], limits));
}

/** Friction on both faces of one dropout, T = 2·µ·F·r with the mean radius of the ring that bears. */
export function frictionNm(nutNm: number, threadMm: number, faceMm: number, limits: Limits): number {
  const preloadN = (limits.preloadShare * nutNm) / (limits.nutFactor * (threadMm / 1000));
  const outer = faceMm / 2;
  const inner = threadMm / 2;
  if (outer <= inner) return 0;
  const meanRadiusMm = ((2 / 3) * (outer ** 3 - inner ** 3)) / (outer ** 2 - inner ** 2);
  return (2 * limits.frictionCoefficient * preloadN * meanRadiusMm) / 1000;
}

interface Element {
  element: 'slot' | 'arm';
  side: Side;
  nm: number;
  bearsAtDeg: number | null;
}

function slotElement({ axle, sides: both }: TorqueReactionInput, side: Side, limits: Limits): Element {
  const here = both[side];
  const bearsAtDeg = rockAngleDeg(axle.threadMm, axle.flatsMm, Math.max(here.slotMm, axle.flatsMm));
  return {
    element: 'slot',
    side,
    nm: slotMomentNm(here, flatChordMm(axle.threadMm, axle.flatsMm), limits),
    bearsAtDeg,
  };
}

/** Plastic moment of the two walls: σ·l²·t/4; a flat that is only partly in bears on 2e − l. */
export function slotMomentNm(side: TorqueSide, chordMm: number, limits: Limits): number {
  const engaged = Math.min(chordMm, side.flatEngagedMm ?? chordMm);
  const bearing = Math.max(0, 2 * engaged - chordMm);
  return (limits.slotStressMpa[side.material] * bearing ** 2 * side.plateMm) / 4 / 1000;
}

function armElement({ axle }: TorqueReactionInput, side: Side, arm: TorqueArm, limits: Limits): Element {
  const chord = flatChordMm(axle.threadMm, axle.flatsMm);
  const bearsAtDeg = rockAngleDeg(axle.threadMm, axle.flatsMm, axle.flatsMm + arm.fitClearanceMm);
  const stress = arm.grade === 'hard' ? limits.armHardMpa : limits.armMildMpa;
  const hole = (stress * chord ** 2 * arm.thicknessMm) / 4;
  const clamps = clampsOf(arm).reduce((sum, { distanceMm, N }) => sum + N * distanceMm, 0);
  return { element: 'arm', side, nm: Math.min(hole, clamps) / 1000, bearsAtDeg };
}

/** The clamps of an arm, or the usual one at its length. */
export function clampsOf(arm: TorqueArm): { distanceMm: number; N: number }[] {
  if (!arm.clamps?.length) return [{ distanceMm: arm.lengthMm, N: usualClampN }];
  return arm.clamps.map(({ distanceMm, N = usualClampN }) => ({ distanceMm, N }));
}

/**
 * Force at each clamp when the nuts are slack: the motor's torque is shared in proportion to what each element holds, and
 * a stiff arm loads its clamps in proportion to their distance.
 */
export function clampForces(input: TorqueReactionInput, balance: Balance): number[] {
  const holds = balance.slotNm + balance.armsNm;
  const armShares = balance.shares.filter(({ element }) => element === 'arm');
  const arms = sides.flatMap((side) => input.sides[side].arms);
  return arms.flatMap((arm, index) => {
    const carries = holds > 0 ? (input.peakTorqueNm * armShares[index]!.nm) / holds : 0;
    const clamps = clampsOf(arm);
    const squares = clamps.reduce((sum, { distanceMm }) => sum + distanceMm ** 2, 0);
    return clamps.map(({ distanceMm }) => (carries * 1000 * distanceMm) / squares);
  });
}
