import type * as v from 'valibot';

import { amount, flag, integer, list, oneOf, optional, record } from '../input';
import { limitsSchema } from '../limits';
import { materials } from '../materials';
import type { Finding, Verdict } from '../verdict';

/** The motor's axle: a thread with two flats. */
export const axleSchema = record({
  /** Thread diameter D. */
  threadMm: amount(6, 25, 'mm'),
  /** Across the two flats w; below the thread's diameter. */
  flatsMm: amount(4, 24, 'mm'),
  /** Present when the hub is made for a through-axle hole of this diameter. */
  throughMm: optional(amount(5, 30, 'mm')),
});

export const seats = ['round', 'flat', 'relieved'] as const;
export type Seat = (typeof seats)[number];

/** One dropout as measured. What is not measured is left out and comes back as `unknown`. */
export const slotSideSchema = record({
  /** An open slot, or a closed hole. */
  kind: oneOf(['open', 'closed']),
  /** Bottom of the slot; `round` when left out. Relieved: filed to the axle's round. */
  seat: optional(oneOf(seats)),
  /** Narrowest width found: does the axle go in? */
  slotMinMm: optional(amount(3, 40, 'mm')),
  /** Widest width found: how loose is it? */
  slotMaxMm: optional(amount(3, 40, 'mm')),
  /** Mouth to the bottom of the seat. */
  depthMm: optional(amount(1, 80, 'mm')),
  /** Plate thickness at the seat. */
  plateMm: optional(amount(0.5, 30, 'mm')),
  material: optional(oneOf(materials)),
  bladeMaterial: optional(oneOf(materials)),
  suspension: optional(flag()),
  /** Closed only: the hole. */
  holeMm: optional(amount(3, 40, 'mm')),
  /** The old axle, as it lay in this seat. */
  oldAxleMm: optional(amount(3, 30, 'mm')),
  /** Recess that keeps the old wheel in. */
  lip: optional(record({ diameterMm: amount(8, 80, 'mm'), depthMm: amount(0, 10, 'mm') })),
  /** Diameter of the part that would sit inside the lip: nut flange or washer. */
  seatPartMm: optional(amount(8, 80, 'mm')),
  /** Metal filed off this slot before it was measured; none when left out. */
  filedMm: optional(amount(0, 3, 'mm')),
  /** Uncertainty of the readings; 0 when left out. */
  uncertaintyMm: optional(amount(0, 5, 'mm')),
});

export const slotFitSchema = record({
  axle: axleSchema,
  side: slotSideSchema,
  /** C-washers in the stores. */
  cWashers: optional(
    list(
      record({
        outerMm: amount(8, 80, 'mm'),
        thicknessMm: amount(0.1, 20, 'mm'),
        count: integer(0, 10_000),
      }),
      200,
    ),
  ),
  /** The motor brakes. */
  regen: optional(flag()),
  limits: optional(limitsSchema),
});

export type SlotFitInput = v.InferOutput<typeof slotFitSchema>;
export type SlotSide = v.InferOutput<typeof slotSideSchema>;
export type Axle = v.InferOutput<typeof axleSchema>;

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
