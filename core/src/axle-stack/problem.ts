import { withLimits, type Limits } from '../limits';
import type { AxleStackInput } from './contract';

/** A washer that may be used: from the stores, or bought. */
export interface WasherKind {
  id: string;
  kind: 'plain' | 'tabbed';
  /** Hundredths of a millimetre. */
  thickness: number;
  count: number;
  bought: boolean;
}

/** Allowed range, both ends allowed, in hundredths of a millimetre. */
export interface Window {
  from: number;
  to: number;
}

/**
 * The stack as whole numbers: every length in hundredths of a millimetre, so that sums and limits are exact.
 *
 * With A and B the inside stacks: spread S = A + B − room, rim O = (rimTwice + A − B) / 2, rotor R = rotorBase + A − q − p.
 */
export interface Problem {
  /** Spacing minus shoulder width. */
  room: number;
  spread: Window;
  /** What S is divided by in the cost, for S ≥ 0 and S < 0; at least one hundredth. */
  spreadScale: number;
  pinchScale: number;
  /** Twice rim offset plus twice frame offset. */
  rimTwice: number;
  /** |2·O| at most. */
  rimTwiceMax: number;
  /** m − r; null without rotor data. */
  rotorBase: number | null;
  rotorAdjust: number;
  rotorShims: number[];
  caliperShims: number[];
  /** Allowed A and B by thread and sprocket. */
  left: Window;
  right: Window;
  tabs: { left: boolean; right: boolean };
  insideMax: number;
  washers: WasherKind[];
  /** Which shims may go with a left stack, where bolts, caliper and fork leg forbid some; all in hundredths. */
  allows?: (leftThickness: number, rotorShim: number, caliperShim: number) => boolean;
}

/** Hundredths of a millimetre; halves go away from zero on both sides, so that a mirrored end gives the mirrored answer. */
export const hundredths = (valueMm: number): number => Math.sign(valueMm) * Math.round(Math.abs(valueMm) * 100) + 0;

/** Spread and pinch that this end allows, in mm. */
export function allowedSpread(input: AxleStackInput, limits: Limits): { spreadMm: number; pinchMm: number } {
  const spreadMm = limits.spreadMm[input.material];
  const pinchMm = limits.pinchMm[input.material];
  if (!input.suspension) return { spreadMm, pinchMm };
  return {
    spreadMm: Math.min(spreadMm, limits.suspensionSpreadMm),
    pinchMm: Math.min(pinchMm, limits.suspensionPinchMm),
  };
}

/** What lies on the axle outside the stack on one side: plate and outside parts. */
export function beyondStackMm(input: AxleStackInput, side: 'left' | 'right'): number {
  const parts = input.outside[side].reduce((sum, part) => sum + part.thicknessMm, 0);
  return input.plateMm[side] + parts;
}

/** Reads the input into whole numbers. */
export function problemOf(input: AxleStackInput): Problem {
  const limits = withLimits(input.limits);
  const { spreadMm, pinchMm } = allowedSpread(input, limits);
  const { hub, want } = input;
  const hasRotor = hub.rotorFaceMm !== undefined && want?.rotorFaceMm !== undefined;
  return {
    room: hundredths(input.spacingMm) - hundredths(hub.shoulderWidthMm),
    spread: { from: -hundredths(pinchMm), to: hundredths(spreadMm) },
    spreadScale: Math.max(1, hundredths(spreadMm)),
    pinchScale: Math.max(1, hundredths(pinchMm)),
    rimTwice: 2 * (hundredths(hub.rimOffsetMm) + hundredths(input.frameOffsetMm ?? 0)),
    rimTwiceMax: 2 * hundredths(limits.rimOffsetMm),
    rotorBase: hasRotor ? hundredths(hub.rotorFaceMm!) - hundredths(want.rotorFaceMm!) : null,
    rotorAdjust: hundredths(want?.rotorAdjustMm ?? 1.5),
    rotorShims: input.rotorShims.map(hundredths),
    caliperShims: (want?.caliperShimsMm ?? []).map(hundredths),
    left: sideWindow(input, 'left'),
    right: sideWindow(input, 'right'),
    tabs: input.tabs,
    insideMax: limits.insideMax,
    washers: input.washers.map((washer) => ({
      id: washer.id,
      kind: washer.kind,
      thickness: hundredths(washer.thicknessMm),
      count: washer.count,
      bought: false,
    })),
  };
}

function sideWindow(input: AxleStackInput, side: 'left' | 'right'): Window {
  const { hub, want } = input;
  const past = hundredths(beyondStackMm(input, side));
  const to = hundredths(hub.axleMm[side]) - past - hundredths(input.nutMm);
  const untilThread = hundredths(hub.threadFromMm?.[side] ?? 0) - past;
  const untilSprocket =
    side === 'right' && hub.smallSprocketMm !== undefined
      ? hundredths(want?.sprocketGapMinMm ?? 4) - hundredths(hub.smallSprocketMm)
      : 0;
  return { from: Math.max(0, untilThread, untilSprocket), to };
}
