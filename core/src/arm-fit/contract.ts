import type { Said } from '../said';
import { Amount, Flag, OneOf, Text, Whole, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';

/**
 * Rigid: one piece, its direction is fixed by the flats. Adjustable: a second link swings on the first. Splined: the hole
 * can be set in steps against the length.
 */
export const armKinds = ['rigid', 'adjustable', 'splined'] as const;
export type ArmKind = (typeof armKinds)[number];

export class ArmBand {
  @Amount(5, 120, 'mm') fromMm!: number;
  @Amount(5, 120, 'mm') toMm!: number;
}

export class Arm {
  @Text() id!: string;
  @OneOf(armKinds) kind!: (typeof armKinds)[number];
  /** Axle centre to the end; of an adjustable arm, to the joint. */
  @Amount(20, 400, 'mm') lengthMm!: number;
  /** Adjustable: joint to the end. */
  @Optional() @Amount(10, 300, 'mm') linkMm?: number;
  /** Angle from the flats of its hole to its length; 0: the length runs along the slot. */
  @Optional() @Amount(0, 180, '°') holeDeg?: number;
  /** Splined: the step. */
  @Optional() @Amount(1, 90, '°') stepDeg?: number;
  @Amount(1, 20, 'mm') thicknessMm!: number;
  @Amount(5, 60, 'mm') widthMm!: number;
  /** How far its end stands outboard of its hole by a bend in the arm. */
  @Optional() @Amount(-30, 30, 'mm') offsetMm?: number;
  /** Diameters that its clamp or band takes. */
  @Nested(() => ArmBand) band!: ArmBand;
}

export class ArmSideClampable {
  @Amount(0, 600, 'mm') fromMm!: number;
  @Amount(0, 600, 'mm') toMm!: number;
}

export class ArmSideBlade {
  @Amount(0, 600, 'mm') nearAtMm!: number;
  @Amount(5, 120, 'mm') nearMm!: number;
  @Amount(0, 600, 'mm') farAtMm!: number;
  @Amount(5, 120, 'mm') farMm!: number;
}

export class ArmSideObstacle {
  @Text() id!: string;
  @Amount(-600, 600, 'mm') forwardMm!: number;
  @Amount(-600, 600, 'mm') upMm!: number;
  @Amount(0, 400, 'mm') radiusMm!: number;
}

/** One side, as seen from the rider's right: angles run from forward (0°) over up (90°) to the rear (180°). */
export class ArmSide {
  /** From the axle out of the mouth of the slot. */
  @Amount(-360, 360, '°') slotDeg!: number;
  /** From the axle along blade or stay. */
  @Amount(-360, 360, '°') bladeDeg!: number;
  /** Where the blade can be clamped, from the axle. */
  @Items(() => ArmSideClampable, 6) clampable!: ArmSideClampable[];
  /** Width of the blade at two places along it; in between it tapers evenly. */
  @Nested(() => ArmSideBlade) blade!: ArmSideBlade;
  /** Blade's outer side, outboard of the face that the nut bears on. */
  @Amount(-40, 60, 'mm') stepMm!: number;
  /** Depth of a recess around the axle that the arm would bridge. */
  @Optional() @Amount(0, 10, 'mm') recessMm?: number;
  /** What is in the way: circles around a point, forward and up from the axle. */
  @Optional() @Items(() => ArmSideObstacle, 20) obstacles?: ArmSideObstacle[];
  /** Thread that would be left outside the nut without an arm; unknown when left out. */
  @Optional() @Amount(-50, 100, 'mm') threadLeftMm?: number;
  /** The motor cable leaves on this side. */
  @Optional() @Flag() cable?: boolean;
}

export class ArmFitSides {
  @Nested(() => ArmSide) left!: ArmSide;
  @Nested(() => ArmSide) right!: ArmSide;
}

export class ArmFitInput {
  @Nested(() => ArmFitSides) sides!: ArmFitSides;
  @Items(() => Arm, 40) arms!: Arm[];
  /** How many arms the fit asks for; 1 when left out. */
  @Optional() @Whole(1, 2) needed?: number;
  @Optional() @Flag() regen?: boolean;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

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
  because: Said[];
}

export interface ArmFitResult {
  verdict: Verdict;
  findings: Finding[];
  /** Best first; those that stop come last with the reason. */
  placements: ArmPlacement[];
  /** The arm or arms to use. */
  chosen: ArmPlacement[];
}
