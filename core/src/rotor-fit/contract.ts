import type * as v from 'valibot';

import { amount, flag, integer, list, oneOf, optional, record } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';
import { rotorPatterns } from './patterns';

export const rotorFitSchema = record({
  hubMaterial: oneOf(['aluminium', 'steel']),
  rotorThicknessMm: amount(0.5, 5, 'mm'),
  /** Thickness at which the rotor's maker asks for a new one; 1.5 when left out. */
  rotorMinMm: optional(amount(0.5, 5, 'mm')),
  /** Under the rotor: moves it outboard. */
  shimMm: amount(0, 20, 'mm'),
  washerMm: amount(0, 5, 'mm'),
  /** Usable thread in the hub. */
  holeDepthMm: amount(1, 60, 'mm'),
  /** Thread d of the rotor bolts; 5 when left out. */
  threadMm: optional(amount(3, 8, 'mm')),
  headMm: optional(amount(0.5, 10, 'mm')),
  /** Lengths in the stores. */
  boltsMm: list(amount(2, 100, 'mm'), 60),
  boltPattern: record({ hub: oneOf(rotorPatterns), rotor: oneOf(rotorPatterns) }),
  rotorDiameterMm: amount(80, 320, 'mm'),
  /** The most that fork or frame allow, by their maker. */
  maxRotorMm: optional(amount(80, 320, 'mm')),
  caliper: record({
    /** How far its body reaches inboard of the rotor's inboard face. */
    inboardMm: amount(0, 60, 'mm'),
    /** How far it reaches inward from the rotor's edge. */
    depthMm: amount(1, 100, 'mm'),
    mount: oneOf(['side', 'face']),
  }),
  /** Rotor's inboard face to the motor cover, axially, without shim. */
  coverFaceMm: amount(-40, 80, 'mm'),
  coverDiameterMm: amount(40, 400, 'mm'),
  /** Caliper body to the nearest spoke. */
  spokeGapMm: optional(amount(-20, 100, 'mm')),
  /** Rotor or bolt heads to the fork leg, as the rotor now stands. */
  legGapMm: optional(amount(-20, 100, 'mm')),
  /** The motor cable, and whether it runs out past the heads of the rotor bolts. */
  cable: optional(record({ diameterMm: amount(1, 20, 'mm'), atRotorBolts: flag() })),
  mount: record({
    /** Under the caliper: moves it inboard. */
    shimMm: amount(0, 20, 'mm'),
    plateMm: amount(0.5, 30, 'mm'),
    boltsMm: list(amount(4, 150, 'mm'), 60),
    threadDepthMm: amount(3, 60, 'mm'),
  }),
  /** Rotor shims in the stores, for the remedy. */
  rotorShimsMm: optional(list(amount(0.05, 10, 'mm'), 40)),
  /** How far the bodies of slimmer calipers on hand reach inboard. */
  slimCalipersMm: optional(list(amount(0, 60, 'mm'), 20)),
  /** The rim has a brake track: a rim brake is a way out. */
  rimTrack: optional(flag()),
  boltCount: optional(integer(3, 12)),
  limits: optional(limitsSchema),
});

export type RotorFitInput = v.InferOutput<typeof rotorFitSchema>;

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
