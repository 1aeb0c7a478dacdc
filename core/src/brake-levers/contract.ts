import type { Said } from '../said';
import { brakeKinds, leverPulls } from '../bike-checks/contract';
import { Amount, Flag, Items, Nested, OneOf, Optional, Text } from '../input';
import type { Finding, Verdict } from '../verdict';

export const ends = ['front', 'rear'] as const;
export type BrakeEnd = (typeof ends)[number];
export type LeverPull = (typeof leverPulls)[number];

class BrakeToWork {
  @OneOf(brakeKinds) kind!: (typeof brakeKinds)[number];
  /** What its caliper, or its arms, want; left out: nobody has looked. */
  @Optional() @OneOf(leverPulls) pull?: LeverPull;
}

class BothBrakes {
  @Nested(() => BrakeToWork) front!: BrakeToWork;
  @Nested(() => BrakeToWork) rear!: BrakeToWork;
}

export class OwnLever {
  @OneOf(ends) end!: BrakeEnd;
  @Optional() @OneOf(leverPulls) pull?: LeverPull;
  /** Lever and shifter are one piece. */
  @Flag() oneWithShifter!: boolean;
  /** It cuts the motor. */
  @Optional() @Flag() cutOff?: boolean;
  /** From the grip to where the fingers pull. */
  @Optional() @Amount(20, 150, 'mm') reachMm?: number;
}

export class KitLever {
  @Text(60) id!: string;
  @OneOf(['long', 'short']) pull!: 'long' | 'short';
  @Flag() cutOff!: boolean;
  @Optional() @Amount(20, 150, 'mm') reachMm?: number;
}

export class BrakeSwitch {
  @Text(60) id!: string;
  /** In the cable, or beside the blade of any lever. */
  @OneOf(['in-line', 'at-lever']) kind!: 'in-line' | 'at-lever';
}

class FingerReach {
  @Amount(20, 150, 'mm') reachMm!: number;
}

class RunOn {
  @Amount(0, 20_000, 'ms') stopMs!: number;
  @Amount(0, 100, 'km/h') assistedKmh!: number;
}

export class BrakeLeversInput {
  @Nested(() => BothBrakes) brakes!: BothBrakes;
  /** One for each end that has a hand lever. */
  @Items(() => OwnLever, 2) levers!: OwnLever[];
  @Items(() => KitLever, 4) kit!: KitLever[];
  @Items(() => BrakeSwitch, 6) switches!: BrakeSwitch[];
  @Flag() throttle!: boolean;
  /** The levers change hands. */
  @Optional() @Flag() swap?: boolean;
  @Optional() @Nested(() => FingerReach) hand?: FingerReach;
  @Optional() @Nested(() => RunOn) drive?: RunOn;
}

export const leverWays = ['keep', 'switch', 'replace'] as const;

/** What is done at one lever, in the order of the work. */
export const leverSteps = [
  'lever-off',
  'hose-off',
  'lever-on',
  'cable-new',
  'hose-on',
  'bleed',
  'switch-on',
  'switch-trial',
  'bite',
  'hold',
] as const;
export type LeverStep = (typeof leverSteps)[number];

export type LeverTool = 'hex-5' | 'cable-cutter' | 'hose-cutter' | 'bleed-set';
/** What has to be bought besides what is there. */
export type LeverPurchase = 'shifter' | 'cable' | 'hose-joints' | 'matching-lever';

/** One way to have a lever at one end. */
export interface LeverWay {
  end: BrakeEnd;
  do: (typeof leverWays)[number];
  /** The kit's lever that replaces it. */
  lever?: string;
  switch?: string;
  verdict: Verdict;
  /** Null: not known. */
  cutOff: boolean | null;
  /** Hose opened: the brake is bled. */
  bleed: boolean;
  steps: LeverStep[];
  tools: LeverTool[];
  buy: LeverPurchase[];
  minutes: number;
  /** Why it does not simply go. */
  because: Said[];
}

export interface BrakeLeversResult {
  verdict: Verdict;
  findings: Finding[];
  /** Every way at each end, best first. */
  ways: Record<BrakeEnd, LeverWay[]>;
  /** The best of both ends together; an end without a hand lever is left out. */
  chosen: LeverWay[];
  /** Null: not known. */
  cutsMotor: boolean | null;
  runOnM?: number;
}
