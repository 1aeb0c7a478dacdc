import { Amount, Flag, OneOf, Whole, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';
import { rotorPatterns } from './patterns';

export class RotorFitBoltPattern {
  @OneOf(rotorPatterns) hub!: (typeof rotorPatterns)[number];
  @OneOf(rotorPatterns) rotor!: (typeof rotorPatterns)[number];
}

export class RotorFitCaliper {
  /** How far its body reaches inboard of the rotor's inboard face. */
  @Amount(0, 60, 'mm') inboardMm!: number;
  /** How far it reaches inward from the rotor's edge. */
  @Amount(1, 100, 'mm') depthMm!: number;
  @OneOf(['side', 'face']) mount!: 'side' | 'face';
}

export class RotorFitCable {
  @Amount(1, 20, 'mm') diameterMm!: number;
  @Flag() atRotorBolts!: boolean;
}

export class RotorFitMount {
  /** Under the caliper: moves it inboard. */
  @Amount(0, 20, 'mm') shimMm!: number;
  @Amount(0.5, 30, 'mm') plateMm!: number;
  @Items(Amount(4, 150, 'mm'), 60) boltsMm!: number[];
  @Amount(3, 60, 'mm') threadDepthMm!: number;
}

export class RotorFitInput {
  @OneOf(['aluminium', 'steel']) hubMaterial!: 'aluminium' | 'steel';
  @Amount(0.5, 5, 'mm') rotorThicknessMm!: number;
  /** Thickness at which the rotor's maker asks for a new one; 1.5 when left out. */
  @Optional() @Amount(0.5, 5, 'mm') rotorMinMm?: number;
  /** Under the rotor: moves it outboard. */
  @Amount(0, 20, 'mm') shimMm!: number;
  @Amount(0, 5, 'mm') washerMm!: number;
  /** Usable thread in the hub. */
  @Amount(1, 60, 'mm') holeDepthMm!: number;
  /** Thread d of the rotor bolts; 5 when left out. */
  @Optional() @Amount(3, 8, 'mm') threadMm?: number;
  @Optional() @Amount(0.5, 10, 'mm') headMm?: number;
  /** Lengths in the stores. */
  @Items(Amount(2, 100, 'mm'), 60) boltsMm!: number[];
  @Nested(() => RotorFitBoltPattern) boltPattern!: RotorFitBoltPattern;
  @Amount(80, 320, 'mm') rotorDiameterMm!: number;
  /** The most that fork or frame allow, by their maker. */
  @Optional() @Amount(80, 320, 'mm') maxRotorMm?: number;
  @Nested(() => RotorFitCaliper) caliper!: RotorFitCaliper;
  /** Rotor's inboard face to the motor cover, axially, without shim. */
  @Amount(-40, 80, 'mm') coverFaceMm!: number;
  @Amount(40, 400, 'mm') coverDiameterMm!: number;
  /** Caliper body to the nearest spoke. */
  @Optional() @Amount(-20, 100, 'mm') spokeGapMm?: number;
  /** Rotor or bolt heads to the fork leg, as the rotor now stands. */
  @Optional() @Amount(-20, 100, 'mm') legGapMm?: number;
  /** The motor cable, and whether it runs out past the heads of the rotor bolts. */
  @Optional() @Nested(() => RotorFitCable) cable?: RotorFitCable;
  @Nested(() => RotorFitMount) mount!: RotorFitMount;
  /** Rotor shims in the stores, for the remedy. */
  @Optional() @Items(Amount(0.05, 10, 'mm'), 40) rotorShimsMm?: number[];
  /** How far the bodies of slimmer calipers on hand reach inboard. */
  @Optional() @Items(Amount(0, 60, 'mm'), 20) slimCalipersMm?: number[];
  /** The rim has a brake track: a rim brake is a way out. */
  @Optional() @Flag() rimTrack?: boolean;
  @Optional() @Whole(3, 12) boltCount?: number;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export interface RotorFitResult {
  verdict: Verdict;
  findings: Finding[];
  /** The rotor bolt to use from the stores. */
  boltMm?: number;
  engagementMm?: number;
  /** The length to buy when the stores have none. */
  buyBoltMm?: number;
  /** Caliper body to motor cover. */
  coverGapMm: number;
  caliperBoltMm?: number;
  caliperEngagementMm?: number;
  buyCaliperBoltMm?: number;
  /** Which bolt after which, counted from 1; empty without bolts. */
  tighteningOrder: number[];
}
