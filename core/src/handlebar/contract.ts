import { Amount, BothSides, Flag, Items, Nested, OneOf, Optional, Text, type Sides } from '../input';
import type { Finding, Verdict } from '../verdict';

export const barPartKinds = [
  'grip',
  'throttle-thumb',
  'throttle-half',
  'throttle-full',
  'lever',
  'shifter-trigger',
  'shifter-twist',
  'lever-shifter',
  'display',
  'pad',
  'bell',
  'light',
  'switch',
  'mirror',
] as const;
export type BarPartKind = (typeof barPartKinds)[number];
export type BarSide = 'left' | 'right';

/** Something that is clamped onto the bar. */
export class BarPart {
  @Text(60) id!: string;
  @OneOf(barPartKinds) kind!: BarPartKind;
  @Amount(1, 400, 'mm') widthMm!: number;
  /** Bore of its clamp; not asked of grips. */
  @Optional() @Amount(5, 60, 'mm') clampMm?: number;
  @OneOf(['left', 'right', 'either', 'centre']) side!: BarSide | 'either' | 'centre';
  @Optional() @OneOf(['left', 'right', 'centre']) nowSide?: BarSide | 'centre';
  /** A grip that may be cut: so much is left of it at least. */
  @Optional() @Amount(0, 400, 'mm') minWidthMm?: number;
  /** Room that its lever swings over, inboard; left out: none. */
  @Optional() @Amount(0, 200, 'mm') sweepMm?: number;
  /** It works the rear derailleur. */
  @Optional() @Flag() rear?: boolean;
  /** Lever, lever-shifter, switch: it cuts the motor. */
  @Optional() @Flag() cutOff?: boolean;
}

/** Where parts may be clamped. */
export class BarRoom {
  /** Usable length of grip diameter, from the bar's end inboard. */
  @BothSides(Amount(0, 600, 'mm')) straightMm!: Sides<number>;
  /** Room near the stem, as for a display. */
  @Amount(0, 400, 'mm') centreMm!: number;
  @Optional() @Amount(10, 40, 'mm') gripDiameterMm?: number;
  @Optional() @Amount(10, 60, 'mm') centreDiameterMm?: number;
}

class Swap {
  @Text(60) for!: string;
  @Nested(() => BarPart) part!: BarPart;
}

class Hand {
  @Optional() @Amount(40, 160, 'mm') palmMm?: number;
  @Optional() @Amount(0, 200, 'mm') thumbReachMm?: number;
  @Optional() @Amount(0, 200, 'mm') fingerReachMm?: number;
}

class Preference {
  @Optional() @OneOf(['left', 'right']) throttleSide?: BarSide;
}

class Drive {
  @Amount(0, 20_000, 'ms') stopMs!: number;
  @Amount(0, 120, 'km/h') assistedKmh!: number;
}

class BarLimits {
  @Optional() @Amount(0, 60, 'mm') overhangMm?: number;
  @Optional() @Amount(0, 20, 'mm') gapMm?: number;
  @Optional() @Amount(0, 200, 'mm') overReachMm?: number;
}

export class HandlebarInput {
  @Nested(() => BarRoom) bar!: BarRoom;
  @Items(() => BarPart, 16) parts!: BarPart[];
  @Optional() @Items(() => Swap, 16) swaps?: Swap[];
  @Optional() @Nested(() => Hand) hand?: Hand;
  @Optional() @Nested(() => Preference) prefer?: Preference;
  @Optional() @Nested(() => Drive) drive?: Drive;
  @Optional() @Nested(() => BarLimits) limits?: BarLimits;
}

/** The ids of parts, from each end inboard, and in the middle. */
export class BarOrder {
  @Items(Text(60), 16) left!: string[];
  @Items(Text(60), 16) right!: string[];
  @Items(Text(60), 16) centre!: string[];
}

/** A part in its place, from the bar's end inboard. */
export interface PlacedPart {
  id: string;
  /** Negative: it overhangs the end. */
  fromMm: number;
  toMm: number;
  /** From the hand, for what fingers or thumb must reach. */
  reachMm?: number;
}

export interface BarLayout {
  cost: number;
  left: PlacedPart[];
  right: PlacedPart[];
  /** In the order in which they were given. */
  centre: string[];
  cuts: { id: string; mm: number }[];
  overhangMm: Sides<number>;
  usedMm: Sides<number>;
}

/** A single change after which a layout exists, with what that one costs. */
export interface WayOut {
  do: 'centre' | 'swap' | 'drop';
  id: string;
  with?: string;
  cost: number;
}

export interface HandlebarResult {
  verdict: Verdict;
  findings: Finding[];
  /** The best three. */
  layouts: BarLayout[];
  /** Sheets between clamp and bar, thickness each. */
  shims: { id: string; mm: number }[];
  /** How far the motor runs on after pedalling or the throttle has stopped. */
  runOnM?: number;
  impossible?: { missingMm?: number; ways: WayOut[] };
}
