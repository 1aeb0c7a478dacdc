import type * as v from 'valibot';

import { amount, flag, list, oneOf, optional, record, text } from '../input';
import { limitsSchema } from '../limits';
import { materials } from '../materials';
import { axleSchema } from '../slot-fit';
import type { Finding, Verdict } from '../verdict';

export const armGrades = ['mild', 'hard'] as const;
export type ArmGrade = (typeof armGrades)[number];

/** A maker's word that a motor may go into an end: who gave it, when, and which document says so. */
export const approvalSchema = record({ by: text(), date: text(40), document: text(400) });

export type Approval = v.InferOutput<typeof approvalSchema>;

/** A torque arm on one side. */
export const torqueArmSchema = record({
  /** Axle centre to clamp. */
  lengthMm: amount(20, 400, 'mm'),
  thicknessMm: amount(1, 20, 'mm'),
  /** Mild or hardened steel. */
  grade: oneOf(armGrades),
  /** Play of its hole on the flats. */
  fitClearanceMm: amount(0, 2, 'mm'),
  /** Arm and clamp out of one plane. */
  clampOffsetMm: amount(0, 60, 'mm'),
  /** Where it is held and with what; one clamp of 1000 N at its length when left out. */
  clamps: optional(list(record({ distanceMm: amount(10, 500, 'mm'), N: optional(amount(10, 20_000, 'N')) }), 6)),
});

export const torqueSideSchema = record({
  material: oneOf(materials),
  /** Fork blade or stays, where they are of another metal than the dropout: the weaker one sets the cap. */
  bladeMaterial: optional(oneOf(materials)),
  suspension: optional(flag()),
  /** Width of the slot where it is widest, after filing. */
  slotMm: amount(3, 40, 'mm'),
  /** Length of flat in the slot; the whole flat when left out. */
  flatEngagedMm: optional(amount(0, 24, 'mm')),
  plateMm: amount(0.5, 40, 'mm'),
  nutTorqueNm: amount(0, 150, 'N·m'),
  /** What the maker of kit or frame states for this nut: goes before our own default and most. */
  statedNm: optional(amount(1, 150, 'N·m')),
  /** The maker says "up to": the most, not the aim. */
  statedUpTo: optional(flag()),
  /** Thread free outside the nut: an arm that is thicker cannot be added. Not looked at when left out. */
  threadLeftMm: optional(amount(-100, 200, 'mm')),
  /** Outer diameter of what bears on the dropout. */
  faceDiameterMm: amount(8, 60, 'mm'),
  /** Metal filed off this slot. */
  filedMm: amount(0, 5, 'mm'),
  /** The maker's word that a motor may go into this end. */
  approval: optional(approvalSchema),
  arms: list(torqueArmSchema, 4),
});

export const torqueReactionSchema = record({
  end: oneOf(['front', 'rear']),
  peakTorqueNm: amount(0, 300, 'N·m'),
  /** The motor brakes. */
  regen: flag(),
  axle: axleSchema,
  sides: record({ left: torqueSideSchema, right: torqueSideSchema }),
  /** Phase current at which the peak torque was worked out: lets a remedy name amperes. */
  phaseA: optional(amount(1, 400, 'A')),
  /** Arms that could be added; usual ones when left out, none when the list is empty. */
  armsOnHand: optional(list(torqueArmSchema, 20)),
  limits: optional(limitsSchema),
});

export type TorqueReactionInput = v.InferOutput<typeof torqueReactionSchema>;
export type TorqueSide = v.InferOutput<typeof torqueSideSchema>;
export type TorqueArm = v.InferOutput<typeof torqueArmSchema>;

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
  actions: string[];
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
