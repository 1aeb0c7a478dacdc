import { Amount, Flag, OneOf, Whole, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import { materials } from '../materials';
import type { Finding, Verdict } from '../verdict';

/** The motor's axle: a thread with two flats. */
export class Axle {
  /** Thread diameter D. */
  @Amount(6, 25, 'mm') threadMm!: number;
  /** Across the two flats w; below the thread's diameter. */
  @Amount(4, 24, 'mm') flatsMm!: number;
  /** Present when the hub is made for a through-axle hole of this diameter. */
  @Optional() @Amount(5, 30, 'mm') throughMm?: number;
}

export const seats = ['round', 'flat', 'relieved'] as const;
export type Seat = (typeof seats)[number];

export class SlotSideLip {
  @Amount(8, 80, 'mm') diameterMm!: number;
  @Amount(0, 10, 'mm') depthMm!: number;
}

/** One dropout as measured. What is not measured is left out and comes back as `unknown`. */
export class SlotSide {
  /** An open slot, or a closed hole. */
  @OneOf(['open', 'closed']) kind!: 'open' | 'closed';
  /** Bottom of the slot; `round` when left out. Relieved: filed to the axle's round. */
  @Optional() @OneOf(seats) seat?: (typeof seats)[number];
  /** Narrowest width found: does the axle go in? */
  @Optional() @Amount(3, 40, 'mm') slotMinMm?: number;
  /** Widest width found: how loose is it? */
  @Optional() @Amount(3, 40, 'mm') slotMaxMm?: number;
  /** Mouth to the bottom of the seat. */
  @Optional() @Amount(1, 80, 'mm') depthMm?: number;
  /** Plate thickness at the seat. */
  @Optional() @Amount(0.5, 30, 'mm') plateMm?: number;
  @Optional() @OneOf(materials) material?: (typeof materials)[number];
  @Optional() @OneOf(materials) bladeMaterial?: (typeof materials)[number];
  @Optional() @Flag() suspension?: boolean;
  /** Closed only: the hole. */
  @Optional() @Amount(3, 40, 'mm') holeMm?: number;
  /** The old axle, as it lay in this seat. */
  @Optional() @Amount(3, 30, 'mm') oldAxleMm?: number;
  /** Recess that keeps the old wheel in. */
  @Optional() @Nested(() => SlotSideLip) lip?: SlotSideLip;
  /** Diameter of the part that would sit inside the lip: nut flange or washer. */
  @Optional() @Amount(8, 80, 'mm') seatPartMm?: number;
  /** Metal filed off this slot before it was measured; none when left out. */
  @Optional() @Amount(0, 3, 'mm') filedMm?: number;
  /** Uncertainty of the readings; 0 when left out. */
  @Optional() @Amount(0, 5, 'mm') uncertaintyMm?: number;
}

export class SlotFitCWasher {
  @Amount(8, 80, 'mm') outerMm!: number;
  @Amount(0.1, 20, 'mm') thicknessMm!: number;
  @Whole(0, 10_000) count!: number;
}

export class SlotFitInput {
  @Nested(() => Axle) axle!: Axle;
  @Nested(() => SlotSide) side!: SlotSide;
  /** C-washers in the stores. */
  @Optional() @Items(() => SlotFitCWasher, 200) cWashers?: SlotFitCWasher[];
  /** The motor brakes. */
  @Optional() @Flag() regen?: boolean;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

/** Whether and how the axle sits in one slot. Figures that need a missing reading are null. */
export interface SlotFitResult {
  verdict: Verdict;
  findings: Finding[];
  /** Length of a flat, sqrt(D² − w²). */
  chordMm: number | null;
  /** Narrowest slot minus flats; negative: the flats do not go in. */
  clearanceMm: number | null;
  /** Metal to file, both walls together; 0 when none. */
  fileMm: number | null;
  /** Metal that has been filed off already. */
  filedMm: number;
  /** Angle that the axle turns until the flats bear, at the widest place; null when it spins free. */
  rockDeg: number | null;
  /** Axle centre above the seat's bottom. */
  axleCentreMm: number | null;
  /** Slot depth that holds the whole flat and the mouth's margin. */
  depthNeededMm: number | null;
  /** Length of flat that the slot really holds. */
  flatEngagedMm: number | null;
  /** New axle's centre against the old one's; positive: toward the mouth. */
  axleShiftMm: number | null;
  /** C-washer from the stores that fills the lip. */
  cWasher: { outerMm: number; thicknessMm: number } | null;
  /** True when the fit holds only with two torque arms. */
  twoArms: boolean;
}
