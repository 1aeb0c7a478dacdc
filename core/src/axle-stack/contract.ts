import type * as v from 'valibot';

import { amount, flag, integer, list, oneOf, optional, record, text } from '../input';
import { limitsSchema } from '../limits';
import { materials } from '../materials';
import type { Finding, Verdict } from '../verdict';

const leftRight = (min: number, max: number) => record({ left: amount(min, max, 'mm'), right: amount(min, max, 'mm') });

const outsideParts = list(record({ id: text(), thicknessMm: amount(0, 40, 'mm') }), 12);

/** The hub between its shoulders. Lateral figures are positive toward the drive side. */
export const hubSchema = record({
  /** Between the two shoulders that the first inside washers bear on. */
  shoulderWidthMm: amount(40, 260, 'mm'),
  /** Rim centre minus the middle of the shoulders. */
  rimOffsetMm: amount(-60, 60, 'mm'),
  /** Shoulder to axle end. */
  axleMm: leftRight(0, 200),
  /** Shoulder to the first full thread; 0 when left out. */
  threadFromMm: optional(leftRight(0, 200)),
  threadMm: amount(6, 25, 'mm'),
  /** Left shoulder plane, inboard, to the rotor's inboard face; negative: outboard. */
  rotorFaceMm: optional(amount(-40, 80, 'mm')),
  /** Right shoulder, inboard, to the outer face of the smallest sprocket; negative: outboard. */
  smallSprocketMm: optional(amount(-60, 60, 'mm')),
});

export const axleStackSchema = record({
  /** Inside face to inside face of the dropouts. */
  spacingMm: amount(50, 260, 'mm'),
  /** Middle of the dropouts off the bike's middle plane; 0 when left out. */
  frameOffsetMm: optional(amount(-30, 30, 'mm')),
  material: oneOf(materials),
  suspension: optional(flag()),
  /** Plate at the seat: floor of a recess. */
  plateMm: leftRight(0.5, 40),
  hub: hubSchema,
  want: optional(
    record({
      /** Left dropout's inner face to the rotor's inboard face on the old wheel. */
      rotorFaceMm: optional(amount(-40, 80, 'mm')),
      /** How far the caliper adjusts either way; 1.5 when left out. */
      rotorAdjustMm: optional(amount(0, 10, 'mm')),
      /** Shims on hand under the caliper, one entry a piece. */
      caliperShimsMm: optional(list(amount(0.05, 10, 'mm'), 20)),
      /** Least room between smallest sprocket and dropout; 4.0 when left out. */
      sprocketGapMinMm: optional(amount(0, 30, 'mm')),
    }),
  ),
  /** Already chosen outside the dropouts and taken from the stores. */
  outside: record({ left: outsideParts, right: outsideParts }),
  nutMm: amount(1, 40, 'mm'),
  /** Whether a tabbed washer is required inside, next to the dropout. */
  tabs: record({ left: flag(), right: flag() }),
  /** Only those whose bore, tab width and tab depth suit this axle and slot. */
  washers: list(
    record({
      id: text(),
      kind: oneOf(['plain', 'tabbed']),
      thicknessMm: amount(0.05, 30, 'mm'),
      count: integer(0, 10_000),
    }),
    200,
  ),
  /** Shims on hand under the rotor, one entry a piece. */
  rotorShims: list(amount(0.05, 10, 'mm'), 20),
  limits: optional(limitsSchema),
  /** How many stacks to return; 5 when left out. */
  top: optional(integer(1, 50)),
  /** Standard deviations behind firstTimeRight. */
  sigma: optional(
    record({
      spacingMm: optional(amount(0, 5, 'mm')),
      shoulderMm: optional(amount(0, 5, 'mm')),
      rimMm: optional(amount(0, 5, 'mm')),
      rotorMm: optional(amount(0, 5, 'mm')),
      sprocketMm: optional(amount(0, 5, 'mm')),
    }),
  ),
});

export type AxleStackInput = v.InferOutput<typeof axleStackSchema>;

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
  because: string;
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
