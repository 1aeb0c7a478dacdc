import type * as v from 'valibot';

import { amount, integer, list, oneOf, optional, record } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';

const flangeSchema = record({
  /** Circle through the middles of the spoke holes. */
  flangeDiameterMm: amount(20, 320, 'mm'),
  /** Rim's middle plane to the flange. */
  flangeOffsetMm: amount(-20, 90, 'mm'),
  holeMm: amount(1.5, 5, 'mm'),
  /** Rim holes off the rim's middle, toward this flange; 0 when left out. */
  rimHoleOffsetMm: optional(amount(-15, 15, 'mm')),
  /** One-way lacing: 1, the rim end runs ahead of the flange end in forward rotation; −1, it trails. */
  lean: optional(oneOfNumbers()),
});

function oneOfNumbers() {
  return integer(-1, 1);
}

export const wheelLacingSchema = record({
  /** Effective rim diameter: across the seats of the nipples. */
  erdMm: amount(120, 640, 'mm'),
  /** In the whole wheel. */
  spokes: integer(12, 72),
  left: flangeSchema,
  right: flangeSchema,
  pattern: oneOf(['crossed', 'oneway']),
  /** Crosses; for one-way lacing hole pitches that a spoke leans; 0 is radial. */
  lead: integer(0, 5),
  spokeMm: optional(amount(1.5, 3.5, 'mm')),
  peakTorqueNm: optional(amount(0, 300, 'N·m')),
  /** Lengths in the stores. */
  lengthsMm: optional(list(amount(30, 330, 'mm'), 200)),
  limits: optional(limitsSchema),
});

export type WheelLacingInput = v.InferOutput<typeof wheelLacingSchema>;

export interface LacingSide {
  lengthMm: number;
  /** The nearest length in the stores that will do. */
  stockMm?: number;
  /** Spoke against the rim's radius. */
  rimAngleDeg: number;
}

export interface WheelLacingResult {
  verdict: Verdict;
  findings: Finding[];
  left: LacingSide;
  right: LacingSide;
  /** Tension of the weaker side per tension of the stronger. */
  tensionRatio: number;
  weakerSide: 'left' | 'right' | 'none';
  /** Motor load on one spoke that pulls; absent without torque, or when radial. */
  spokeLoadN?: number;
}
