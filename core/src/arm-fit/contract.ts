import type * as v from 'valibot';

import { amount, flag, integer, list, oneOf, optional, record, text } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';

/**
 * Rigid: one piece, its direction is fixed by the flats. Adjustable: a second link swings on the first. Splined: the hole
 * can be set in steps against the length.
 */
export const armKinds = ['rigid', 'adjustable', 'splined'] as const;
export type ArmKind = (typeof armKinds)[number];

export const armSchema = record({
  id: text(),
  kind: oneOf(armKinds),
  /** Axle centre to the end; of an adjustable arm, to the joint. */
  lengthMm: amount(20, 400, 'mm'),
  /** Adjustable: joint to the end. */
  linkMm: optional(amount(10, 300, 'mm')),
  /** Angle from the flats of its hole to its length; 0: the length runs along the slot. */
  holeDeg: optional(amount(0, 180, '°')),
  /** Splined: the step. */
  stepDeg: optional(amount(1, 90, '°')),
  thicknessMm: amount(1, 20, 'mm'),
  widthMm: amount(5, 60, 'mm'),
  /** How far its end stands outboard of its hole by a bend in the arm. */
  offsetMm: optional(amount(-30, 30, 'mm')),
  /** Diameters that its clamp or band takes. */
  band: record({ fromMm: amount(5, 120, 'mm'), toMm: amount(5, 120, 'mm') }),
});

/** One side, as seen from the rider's right: angles run from forward (0°) over up (90°) to the rear (180°). */
export const armSideSchema = record({
  /** From the axle out of the mouth of the slot. */
  slotDeg: amount(-360, 360, '°'),
  /** From the axle along blade or stay. */
  bladeDeg: amount(-360, 360, '°'),
  /** Where the blade can be clamped, from the axle. */
  clampable: list(record({ fromMm: amount(0, 600, 'mm'), toMm: amount(0, 600, 'mm') }), 6),
  /** Width of the blade at two places along it; in between it tapers evenly. */
  blade: record({
    nearAtMm: amount(0, 600, 'mm'),
    nearMm: amount(5, 120, 'mm'),
    farAtMm: amount(0, 600, 'mm'),
    farMm: amount(5, 120, 'mm'),
  }),
  /** Blade's outer side, outboard of the face that the nut bears on. */
  stepMm: amount(-40, 60, 'mm'),
  /** Depth of a recess around the axle that the arm would bridge. */
  recessMm: optional(amount(0, 10, 'mm')),
  /** What is in the way: circles around a point, forward and up from the axle. */
  obstacles: optional(
    list(
      record({
        id: text(),
        forwardMm: amount(-600, 600, 'mm'),
        upMm: amount(-600, 600, 'mm'),
        radiusMm: amount(0, 400, 'mm'),
      }),
      20,
    ),
  ),
  /** Thread that would be left outside the nut without an arm; unknown when left out. */
  threadLeftMm: optional(amount(-50, 100, 'mm')),
  /** The motor cable leaves on this side. */
  cable: optional(flag()),
});

export const armFitSchema = record({
  sides: record({ left: armSideSchema, right: armSideSchema }),
  arms: list(armSchema, 40),
  /** How many arms the fit asks for; 1 when left out. */
  needed: optional(integer(1, 2)),
  regen: optional(flag()),
  limits: optional(limitsSchema),
});

export type ArmFitInput = v.InferOutput<typeof armFitSchema>;
export type ArmSide = v.InferOutput<typeof armSideSchema>;
export type Arm = v.InferOutput<typeof armSchema>;

/** An arm on one side, in one of the ways it can be put on. */
export interface ArmPlacement {
  armId: string;
  side: 'left' | 'right';
  /** Put on with its other face outward. */
  flipped: boolean;
  /** Direction of the arm from the axle. */
  armDeg: number;
  /** Where its end lies: along the blade, and beside the blade's middle. */
  clampAtMm: number;
  missMm: number;
  /** Width of the blade there. */
  bladeMm: number;
  /** Under the arm at the axle, so that it clears the recess or lies in one plane with the clamp. */
  spacerMm: number;
  /** Under the clamp, where the blade lies too far inboard. */
  clampSpacerMm: number;
  /** What stays out of plane after the spacers. */
  planeOffsetMm: number;
  /** Arm and spacer on the thread. */
  threadMm: number;
  /** Under drive the arm is pressed to the blade, or its band is pulled. */
  underDrive: 'pressed' | 'band';
  verdict: Verdict;
  /** Why it does not go. */
  because: string[];
}

export interface ArmFitResult {
  verdict: Verdict;
  findings: Finding[];
  /** Best first; those that stop come last with the reason. */
  placements: ArmPlacement[];
  /** The arm or arms to use. */
  chosen: ArmPlacement[];
}
