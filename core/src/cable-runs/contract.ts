import { said } from '../said';
import { Amount, Flag, Items, Named, Nested, OneOf, Optional, Row, Text } from '../input';
import type { Finding, Verdict } from '../verdict';

/** x forward, y up, z to the rider's right, in mm from the bottom bracket centre. */
export type Spot = [x: number, y: number, z: number];

/** A place in the room. */
export const At = () => Row(Amount(-5000, 5000, 'mm'), 3, said('cable-runs.three-figures-x-y-and-z'));
const Corner = () => Row(Amount(-5000, 5000, 'mm'), 2, said('shared.two-figures-x-and-y-in'));

/** What moves as one. The bar steers and does not slide, the fork does both. */
export const bodies = ['frame', 'bar', 'fork', 'swingarm'] as const;
export type Body = (typeof bodies)[number];

class Lock {
  @Amount(0, 180, '°') left!: number;
  @Amount(0, 180, '°') right!: number;
}

export class SteeringHead {
  /** Any point of the steering axis. */
  @At() point!: Spot;
  @Amount(20, 110, '°') angleDeg!: number;
  @Nested(() => Lock) lockDeg!: Lock;
}

export class RearTravel {
  @At() pivot!: Spot;
  /** So far the swingarm turns, what lies behind the pivot upwards. */
  @Amount(0, 60, '°') deg!: number;
}

export class CableAnchor {
  @At() at!: Spot;
  @OneOf(bodies) on!: Body;
  /** A coil finds room here. */
  @Optional() @Flag() room?: boolean;
  /** The cable leaves the axle here. */
  @Optional() @Flag() axleExit?: boolean;
  /** The cable would lie under a nut here. */
  @Optional() @Flag() underNut?: boolean;
}

export class CableToRun {
  @Text(60) id!: string;
  @Items(Text(60), 60) path!: string[];
  @Amount(0, 20_000, 'mm') suppliedMm!: number;
  @Optional() @Text(60) plug?: string;
  /** 25 when left out. */
  @Optional() @Amount(0, 300, 'mm') minBendMm?: number;
  @Optional() @Flag() dripLoop?: boolean;
}

export class CableExtension {
  @Text(60) id!: string;
  /** Plug to plug. */
  @Amount(1, 10_000, 'mm') lengthMm!: number;
  @Text(60) plug!: string;
}

/** A wheel, rotor or chainring. */
export class TurningDisc {
  @Text(60) id!: string;
  @At() centre!: Spot;
  @Amount(1, 1000, 'mm') radiusMm!: number;
  @Amount(0, 200, 'mm') halfWidthMm!: number;
  @OneOf(bodies) on!: Body;
}

export class CrankSpace {
  @Amount(1, 400, 'mm') radiusMm!: number;
  /** From the middle plane to the arms' inner faces. */
  @Amount(0, 300, 'mm') halfWidthMm!: number;
}

export class ChainLoop {
  @Items(Corner(), 100) loop!: [x: number, y: number][];
  @Row(Amount(-500, 500, 'mm'), 2, said('shared.two-figures-from-and-to-in')) zMm!: [from: number, to: number];
}

/** A folded bike: the anchors named are elsewhere, all others as they are straight ahead. */
export class FoldedPose {
  @Text(60) id!: string;
  @Named(At()) at!: Record<string, Spot>;
}

class CableLimits {
  @Optional() @Amount(0, 200, 'mm') keepAwayMm?: number;
  @Optional() @Amount(10, 1000, 'mm') tieMm?: number;
  @Optional() @Amount(0, 5000, 'mm') coilMm?: number;
}

export class CableRunsInput {
  @Nested(() => SteeringHead) head!: SteeringHead;
  @Amount(0, 400, 'mm') forkTravelMm!: number;
  @Optional() @Nested(() => RearTravel) rearTravel?: RearTravel;
  @Named(() => CableAnchor) anchors!: Record<string, CableAnchor>;
  @Items(() => CableToRun, 40) cables!: CableToRun[];
  @Items(() => CableExtension, 60) extensions!: CableExtension[];
  @Items(() => TurningDisc, 20) discs!: TurningDisc[];
  @Nested(() => CrankSpace) crank!: CrankSpace;
  @Optional() @Nested(() => ChainLoop) chain?: ChainLoop;
  @Optional() @Items(() => FoldedPose, 20) poses?: FoldedPose[];
  @Optional() @Nested(() => CableLimits) limits?: CableLimits;
}

/** Where everything that moves stands; what a span does not feel is 0. */
export interface Setting {
  /** Positive: bars to the left. */
  steerDeg: number;
  travelMm: number;
  swingDeg: number;
  pose?: string;
}

export interface CableSpan {
  from: string;
  to: string;
  moving: boolean;
  /** Straight ahead, nothing pressed in. */
  neutralMm: number;
  maxMm: number;
  neededMm: number;
  slackMm: number;
  /** Where it is longest. */
  tightest?: Setting;
  /** Least distance to anything that turns, over all movements. */
  nearestMm: number;
  /** A disc's id, or `crank`. */
  nearestTo: string;
  /** An anchor between both ends that keeps it away. */
  better?: string;
}

export interface CableRun {
  id: string;
  verdict: Verdict;
  neededMm: number;
  /** Negative: so much is missing. */
  spareMm: number;
  spans: CableSpan[];
  extensions?: string[];
  /** Spare with the extensions. */
  afterMm?: number;
  /** Anchor where what is over is coiled up. */
  coilAt?: string;
  /** Along the run from its first anchor. */
  tiesMm: number[];
}

export interface CableRunsResult {
  verdict: Verdict;
  findings: Finding[];
  cables: CableRun[];
}
