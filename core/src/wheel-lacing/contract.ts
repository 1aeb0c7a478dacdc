import { Amount, OneOf, Whole, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';

export class LacingFlange {
  /** Circle through the middles of the spoke holes. */
  @Amount(20, 320, 'mm') flangeDiameterMm!: number;
  /** Rim's middle plane to the flange. */
  @Amount(-20, 90, 'mm') flangeOffsetMm!: number;
  @Amount(1.5, 5, 'mm') holeMm!: number;
  /** Rim holes off the rim's middle, toward this flange; 0 when left out. */
  @Optional() @Amount(-15, 15, 'mm') rimHoleOffsetMm?: number;
  /** One-way lacing: 1, the rim end runs ahead of the flange end in forward rotation; −1, it trails. */
  @Optional() @Whole(-1, 1) lean?: number;
}

export class WheelLacingInput {
  /** Effective rim diameter: across the seats of the nipples. */
  @Amount(120, 640, 'mm') erdMm!: number;
  /** In the whole wheel. */
  @Whole(12, 72) spokes!: number;
  @Nested(() => LacingFlange) left!: LacingFlange;
  @Nested(() => LacingFlange) right!: LacingFlange;
  @OneOf(['crossed', 'oneway']) pattern!: 'crossed' | 'oneway';
  /** Crosses; for one-way lacing hole pitches that a spoke leans; 0 is radial. */
  @Whole(0, 5) lead!: number;
  @Optional() @Amount(1.5, 3.5, 'mm') spokeMm?: number;
  @Optional() @Amount(0, 300, 'N·m') peakTorqueNm?: number;
  /** Lengths in the stores. */
  @Optional() @Items(Amount(30, 330, 'mm'), 200) lengthsMm?: number[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

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
