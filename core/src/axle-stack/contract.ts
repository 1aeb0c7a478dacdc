import type { Said } from '../said';
import { Amount, Flag, OneOf, Text, Whole, Optional, BothSides, Items, Nested, type Sides } from '../input';
import { OwnLimits } from '../limits';
import { materials } from '../materials';
import type { Finding, Verdict } from '../verdict';

/** The hub between its shoulders. Lateral figures are positive toward the drive side. */
export class StackHub {
  /** Between the two shoulders that the first inside washers bear on. */
  @Amount(40, 260, 'mm') shoulderWidthMm!: number;
  /** Rim centre minus the middle of the shoulders. */
  @Amount(-60, 60, 'mm') rimOffsetMm!: number;
  /** Shoulder to axle end. */
  @BothSides(Amount(0, 200, 'mm')) axleMm!: Sides<number>;
  /** Shoulder to the first full thread; 0 when left out. */
  @Optional() @BothSides(Amount(0, 200, 'mm')) threadFromMm?: Sides<number>;
  @Amount(6, 25, 'mm') threadMm!: number;
  /** Left shoulder plane, inboard, to the rotor's inboard face; negative: outboard. */
  @Optional() @Amount(-40, 80, 'mm') rotorFaceMm?: number;
  /** Right shoulder, inboard, to the outer face of the smallest sprocket; negative: outboard. */
  @Optional() @Amount(-60, 60, 'mm') smallSprocketMm?: number;
}

export class AxleStackWant {
  /** Left dropout's inner face to the rotor's inboard face on the old wheel. */
  @Optional() @Amount(-40, 80, 'mm') rotorFaceMm?: number;
  /** How far the caliper adjusts either way; 1.5 when left out. */
  @Optional() @Amount(0, 10, 'mm') rotorAdjustMm?: number;
  /** Shims on hand under the caliper, one entry a piece. */
  @Optional() @Items(Amount(0.05, 10, 'mm'), 20) caliperShimsMm?: number[];
  /** Least room between smallest sprocket and dropout; 4.0 when left out. */
  @Optional() @Amount(0, 30, 'mm') sprocketGapMinMm?: number;
}

/** Something that is already chosen outside a dropout. */
export class OutsideThickness {
  @Text() id!: string;
  @Amount(0, 40, 'mm') thicknessMm!: number;
}

export class AxleStackWasher {
  @Text() id!: string;
  @OneOf(['plain', 'tabbed']) kind!: 'plain' | 'tabbed';
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
  @Whole(0, 10_000) count!: number;
}

export class AxleStackSigma {
  @Optional() @Amount(0, 5, 'mm') spacingMm?: number;
  @Optional() @Amount(0, 5, 'mm') shoulderMm?: number;
  @Optional() @Amount(0, 5, 'mm') rimMm?: number;
  @Optional() @Amount(0, 5, 'mm') rotorMm?: number;
  @Optional() @Amount(0, 5, 'mm') sprocketMm?: number;
}

export class AxleStackInput {
  /** Inside face to inside face of the dropouts. */
  @Amount(50, 260, 'mm') spacingMm!: number;
  /** Middle of the dropouts off the bike's middle plane; 0 when left out. */
  @Optional() @Amount(-30, 30, 'mm') frameOffsetMm?: number;
  @OneOf(materials) material!: (typeof materials)[number];
  @Optional() @Flag() suspension?: boolean;
  /** Plate at the seat: floor of a recess. */
  @BothSides(Amount(0.5, 40, 'mm')) plateMm!: Sides<number>;
  @Nested(() => StackHub) hub!: StackHub;
  @Optional() @Nested(() => AxleStackWant) want?: AxleStackWant;
  /** Already chosen outside the dropouts and taken from the stores. */
  @BothSides(Items(() => OutsideThickness, 12)) outside!: Sides<OutsideThickness[]>;
  @Amount(1, 40, 'mm') nutMm!: number;
  /** Whether a tabbed washer is required inside, next to the dropout. */
  @BothSides(Flag()) tabs!: Sides<boolean>;
  /** Only those whose bore, tab width and tab depth suit this axle and slot. */
  @Items(() => AxleStackWasher, 200) washers!: AxleStackWasher[];
  /** Shims on hand under the rotor, one entry a piece. */
  @Items(Amount(0.05, 10, 'mm'), 20) rotorShims!: number[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
  /** How many stacks to return; 5 when left out. */
  @Optional() @Whole(1, 50) top?: number;
  /** Standard deviations behind firstTimeRight. */
  @Optional() @Nested(() => AxleStackSigma) sigma?: AxleStackSigma;
}

/** The washers of one side, from the hub outwards. */
export interface StackSide {
  inside: string[];
  totalMm: number;
}

/** One arrangement of washers and shims with the figures it leads to. */
export interface Stack {
  /** J = 4·O² + 2·R² + 2·(S/limit)² + 0.15·washers + 0.5·shims. */
  cost: number;
  left: StackSide;
  right: StackSide;
  /** Under the rotor: moves it outboard. */
  rotorShimMm: number;
  /** Under the caliper: moves it inboard. */
  caliperShimMm: number;
  /** The shims one by one. */
  rotorShimsMm: number[];
  caliperShimsMm: number[];
  /** How far the frame end is spread (positive) or pinched (negative). */
  spreadMm: number;
  /** Rim off the bike's middle plane. */
  rimOffsetMm: number;
  /** Rotor off the caliper's middle; 0 without rotor data. */
  rotorErrorMm: number;
  /** Smallest sprocket to dropout; absent without sprocket. */
  sprocketGapMm?: number;
  /** Thread that stands out of the nut. */
  threadLeftMm: { left: number; right: number };
  washerCount: number;
  /** Chance that every limit holds at the first try, given the usual scatter. */
  firstTimeRight: number;
  verdict: Verdict;
}

/** Something to buy. */
export interface Purchase {
  kind: 'plain' | 'tabbed' | 'rotor-shim' | 'caliper-shim';
  thicknessMm: number;
  count: number;
}

/** Names of the limits that can forbid every stack. */
export type LimitName =
  | 'material'
  | 'spread'
  | 'pinch'
  | 'rim-offset'
  | 'rotor-error'
  | 'sprocket-gap'
  | 'thread-left'
  | 'thread-right'
  | 'nut-bottoms-left'
  | 'nut-bottoms-right'
  | 'tabbed-washers';

export interface Impossible {
  /** The limit that forbids it. */
  limit: LimitName;
  because: Said;
  /** The cheapest purchase that makes it possible; absent when none does. */
  purchase?: Purchase[];
}

export interface AxleStackResult {
  verdict: Verdict;
  findings: Finding[];
  /** Best first. */
  stacks: Stack[];
  impossible?: Impossible;
}
