import type { Said } from '../said';
import { Amount, Flag, OneOf, Text, Optional, BothSides, Items, Nested, type Sides } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';

export class AdapterExtender {
  @Text() id!: string;
  @OneOf(['left', 'right']) side!: 'left' | 'right';
  @Amount(0.5, 80, 'mm') lengthMm!: number;
}

export class AdapterEndCap {
  @Text() id!: string;
  @OneOf(['left', 'right']) side!: 'left' | 'right';
  @Amount(0.5, 40, 'mm') lengthMm!: number;
  @Amount(5, 30, 'mm') boreMm!: number;
}

export class AdapterRotorSpacer {
  @Text() id!: string;
  @Amount(0.2, 20, 'mm') thicknessMm!: number;
}

export class AdapterScrew {
  @Text() id!: string;
  @Amount(2, 12, 'mm') threadMm!: number;
  @Amount(3, 80, 'mm') lengthMm!: number;
}

export class AdapterScrewHole {
  @Text() id!: string;
  @Amount(2, 12, 'mm') threadMm!: number;
  /** What lies between head and thread. */
  @Amount(0, 60, 'mm') throughMm!: number;
  /** Rotor and spacer lie between too. */
  @Optional() @Flag() throughRotor?: boolean;
  @Amount(2, 60, 'mm') depthMm!: number;
  @Amount(1, 40, 'mm') leastMm!: number;
}

/** A set of end adapters as a kit comes with it. */
export class AdapterSet {
  @Items(() => AdapterExtender, 20) extenders!: AdapterExtender[];
  @Items(() => AdapterEndCap, 20) endCaps!: AdapterEndCap[];
  @Items(() => AdapterRotorSpacer, 20) rotorSpacers!: AdapterRotorSpacer[];
  /** Screws of the set and the holes that they go into. */
  @Items(() => AdapterScrew, 30) screws!: AdapterScrew[];
  @Items(() => AdapterScrewHole, 12) screwHoles!: AdapterScrewHole[];
}

export class EndAdapterHub {
  /** Shoulder to shoulder without extenders and caps. */
  @Amount(40, 260, 'mm') baseWidthMm!: number;
  /** Left shoulder inboard to the rotor's inboard face, without rotor spacer. */
  @Optional() @Amount(-40, 60, 'mm') rotorFaceMm?: number;
  /** Hub takes sprockets on the right. */
  @Optional() @Flag() sprockets?: boolean;
}

export class EndAdapterInput extends AdapterSet {
  /** Inside face to inside face of the dropouts. */
  @Amount(60, 260, 'mm') spacingMm!: number;
  /** Hole in each dropout; left out at open ends, which take extenders and washers but no caps. */
  @Optional() @BothSides(Amount(5, 30, 'mm')) holesMm?: Sides<number>;
  /** Dropout's inner face to the rotor's inboard face on the old wheel; left out without a disc. */
  @Optional() @Amount(-10, 60, 'mm') rotorFaceMm?: number;
  @Nested(() => EndAdapterHub) hub!: EndAdapterHub;
  @Optional() @Amount(1, 5, 'mm') rotorThicknessMm?: number;
  /** How far the caliper adjusts; 1.5 when left out. */
  @Optional() @Amount(0, 10, 'mm') rotorAdjustMm?: number;
  /** How far the finished width may be off the spacing; 0.3 when left out. */
  @Optional() @Amount(0, 3, 'mm') widthPlayMm?: number;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

/** One way to build the hub up to the spacing. */
export interface EndBuild {
  /** No cap at an open end. */
  left: { extender: string | null; endCap: string | null };
  right: { extender: string | null; endCap: string | null };
  rotorSpacer: string | null;
  widthMm: number;
  /** Finished width minus spacing; at an open end washers fill up what is missing. */
  widthErrorMm: number;
  /** Hub's middle off the middle of the spacing, positive to the right. */
  middleMm: number;
  /** Rotor off the caliper, positive inboard; null without rotor. */
  rotorErrorMm: number | null;
}

export interface EndAdapterResult {
  verdict: Verdict;
  findings: Finding[];
  build: EndBuild | null;
  screws: { hole: string; screw: string; engagementMm: number }[];
  /** What is put together after what. */
  order: Said[];
}
