import type { Said } from '../said';
import { Amount, Flag, OneOf, Text, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import { materials } from '../materials';
import { Axle } from '../slot-fit';
import type { Finding, Verdict } from '../verdict';

export const armGrades = ['mild', 'hard'] as const;
export type ArmGrade = (typeof armGrades)[number];

/** A maker's word that a motor may go into an end: who gave it, when, and which document says so. */
export class Approval {
  @Text() by!: string;
  @Text(40) date!: string;
  @Text(400) document!: string;
}

export class TorqueArmClamp {
  @Amount(10, 500, 'mm') distanceMm!: number;
  @Optional() @Amount(10, 20_000, 'N') N?: number;
}

/** A torque arm on one side. */
export class TorqueArm {
  /** Axle centre to clamp. */
  @Amount(20, 400, 'mm') lengthMm!: number;
  @Amount(1, 20, 'mm') thicknessMm!: number;
  /** Mild or hardened steel. */
  @OneOf(armGrades) grade!: (typeof armGrades)[number];
  /** Play of its hole on the flats. */
  @Amount(0, 2, 'mm') fitClearanceMm!: number;
  /** Arm and clamp out of one plane. */
  @Amount(0, 60, 'mm') clampOffsetMm!: number;
  /** Where it is held and with what; one clamp of 1000 N at its length when left out. */
  @Optional() @Items(() => TorqueArmClamp, 6) clamps?: TorqueArmClamp[];
}

export class TorqueSide {
  @OneOf(materials) material!: (typeof materials)[number];
  /** Fork blade or stays, where they are of another metal than the dropout: the weaker one sets the cap. */
  @Optional() @OneOf(materials) bladeMaterial?: (typeof materials)[number];
  @Optional() @Flag() suspension?: boolean;
  /** Width of the slot where it is widest, after filing. */
  @Amount(3, 40, 'mm') slotMm!: number;
  /** Length of flat in the slot; the whole flat when left out. */
  @Optional() @Amount(0, 24, 'mm') flatEngagedMm?: number;
  @Amount(0.5, 40, 'mm') plateMm!: number;
  @Amount(0, 150, 'N·m') nutTorqueNm!: number;
  /** What the maker of kit or frame states for this nut: goes before our own default and most. */
  @Optional() @Amount(1, 150, 'N·m') statedNm?: number;
  /** The maker says "up to": the most, not the aim. */
  @Optional() @Flag() statedUpTo?: boolean;
  /** Thread free outside the nut: an arm that is thicker cannot be added. Not looked at when left out. */
  @Optional() @Amount(-100, 200, 'mm') threadLeftMm?: number;
  /** Outer diameter of what bears on the dropout. */
  @Amount(8, 60, 'mm') faceDiameterMm!: number;
  /** Metal filed off this slot. */
  @Amount(0, 5, 'mm') filedMm!: number;
  /** The maker's word that a motor may go into this end. */
  @Optional() @Nested(() => Approval) approval?: Approval;
  @Items(() => TorqueArm, 4) arms!: TorqueArm[];
}

export class TorqueReactionSides {
  @Nested(() => TorqueSide) left!: TorqueSide;
  @Nested(() => TorqueSide) right!: TorqueSide;
}

export class TorqueReactionInput {
  @OneOf(['front', 'rear']) end!: 'front' | 'rear';
  @Amount(0, 300, 'N·m') peakTorqueNm!: number;
  /** The motor brakes. */
  @Flag() regen!: boolean;
  @Nested(() => Axle) axle!: Axle;
  @Nested(() => TorqueReactionSides) sides!: TorqueReactionSides;
  /** Phase current at which the peak torque was worked out: lets a remedy name amperes. */
  @Optional() @Amount(1, 400, 'A') phaseA?: number;
  /** Arms that could be added; usual ones when left out, none when the list is empty. */
  @Optional() @Items(() => TorqueArm, 20) armsOnHand?: TorqueArm[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

/** One thing that holds the axle against turning. */
export interface TorqueShare {
  element: 'friction' | 'slot' | 'arm';
  side: 'left' | 'right';
  /** What it holds, 0 when it takes no part. */
  nm: number;
  takesPart: boolean;
  /** How far the axle turns before it bears; null for friction and for what never bears. */
  bearsAtDeg: number | null;
}

export interface TorqueRemedy {
  actions: Said[];
  verdict: Verdict;
  safety: number;
  safetySlack: number;
}

export interface TorqueReactionResult {
  verdict: Verdict;
  findings: Finding[];
  /** n: all that holds with tight nuts, against the factored torque. */
  safety: number;
  /** n0: slots and arms alone, against the plain torque. */
  safetySlack: number;
  frictionNm: number;
  slotNm: number;
  /** Where the slot's wall begins to give, before it is crushed. */
  slotElasticNm: number;
  armsNm: number;
  shares: TorqueShare[];
  /** Force at each clamp with slack nuts: left arms first, clamp by clamp. */
  clampForceN: number[];
  /** Torque that the nuts are credited with. */
  nutCreditedNm: { left: number; right: number };
  remedies: TorqueRemedy[];
}
