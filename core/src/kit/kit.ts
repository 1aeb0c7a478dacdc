import type * as v from 'valibot';

import { amount, flag, integer, list, maybe, oneOf, optional, record, text } from '../input';
import { adapterSetSchema } from '../end-adapter';
import { rotorPatterns } from '../rotor-fit/patterns';
import { statedTorqueSchema } from '../stated-torques';

/** Where the controller sits. */
export const topologies = ['separate', 'in-hub', 'in-battery', 'all-in-wheel'] as const;

const flange = record({
  flangeDiameterMm: amount(20, 320, 'mm'),
  flangeOffsetMm: amount(-20, 90, 'mm'),
  holeMm: amount(1.5, 5, 'mm'),
});

/**
 * Everything of a kit besides the dimensions of its wheel. What its maker does not state and nobody has measured is left
 * out, and the fit that needs it says "not measured yet".
 */
export const kitFactsSchema = record({
  hub: record({
    material: oneOf(['aluminium', 'steel']),
    /** How it takes a rotor; left out: not at all. */
    rotor: optional(
      record({
        pattern: oneOf(rotorPatterns),
        /** Usable thread of the rotor holes. */
        holeDepthMm: amount(1, 60, 'mm'),
        /** Rotor's inboard face to the motor cover, axially, without shim. */
        coverFaceMm: amount(-40, 80, 'mm'),
      }),
    ),
    takes: oneOf(['freewheel', 'cassette', 'none']),
    /** Length of the splined body. */
    bodyMm: optional(amount(10, 60, 'mm')),
    /** Made for a through-axle hole of this diameter. */
    throughMm: optional(amount(5, 30, 'mm')),
    /** Caps and extenders that build it up for a closed end; the wheel's own dimensions are without them. */
    adapters: optional(adapterSetSchema),
    cable: record({
      diameterMm: amount(1, 20, 'mm'),
      /** Widest part of its plug: what it must pass through. */
      plugMm: amount(1, 60, 'mm'),
      /** It runs out past the heads of the rotor bolts. */
      atRotorBolts: flag(),
    }),
  }),
  motor: record({
    ratedW: amount(50, 6000, 'W'),
    kv: optional(amount(0.5, 60, 'rpm/V')),
    windingOhm: optional(amount(0.005, 5, 'Ω')),
    noLoadA: optional(amount(0, 10, 'A')),
    statedNm: optional(amount(1, 300, 'N·m')),
  }),
  controller: record({
    topology: oneOf(topologies),
    fullV: amount(5, 120, 'V'),
    batteryA: optional(amount(1, 200, 'A')),
    phaseA: optional(amount(1, 400, 'A')),
  }),
  assistedKmh: amount(5, 80, 'km/h'),
  throttle: oneOf(['none', 'thumb', 'twist']),
  display: flag(),
  /** Null: the hub comes without a rim and must be laced. Left out: nobody has recorded it. */
  rim: optional(
    maybe(
      record({
        innerWidthMm: amount(8, 110, 'mm'),
        brakeTrack: flag(),
        valveHole: oneOf(['thin', 'thick']),
        depthMm: amount(5, 100, 'mm'),
        maxBar: optional(amount(0.5, 15, 'bar')),
        maxLoadKg: optional(amount(20, 400, 'kg')),
      }),
    ),
  ),
  /** Sprockets that come with the kit; null or left out: the bike's own move over, or new ones are bought. */
  cluster: optional(
    maybe(
      record({
        sprockets: integer(1, 13),
        /** Smallest first. */
        teeth: optional(list(integer(6, 60), 13)),
      }),
    ),
  ),
  flanges: optional(record({ left: flange, right: flange, spokes: integer(12, 72) })),
  /** Null: none is bought, the rider's own pack serves. Left out: nobody has recorded it. */
  battery: optional(
    maybe(
      record({
        Wh: amount(50, 5000, 'Wh'),
        massKg: amount(0.3, 40, 'kg'),
        /** Not known when left out. */
        cost: optional(amount(0, 20_000, '')),
      }),
    ),
  ),
  /** Torques that the maker of the kit states. */
  torques: optional(list(statedTorqueSchema, 30)),
  /** Without the battery. */
  massKg: amount(0.5, 60, 'kg'),
  /** In the workshop's currency, without the battery. */
  cost: amount(0, 50_000, ''),
  leadDays: integer(0, 365),
  /** What the maker packs: to be counted when it arrives. */
  packing: list(record({ part: text(80), count: integer(1, 200) }), 60),
  /** Steps that the maker asks for besides the usual ones. */
  ownSteps: list(text(300), 30),
  /** What its guarantee does not cover. */
  exclusions: list(text(300), 30),
  /**
   * Paths of the wheel's figures, such as `axle.leftMm` or `kit.massKg`, that are a pattern's and not this wheel's: nobody has
   * measured them. As long as one is left nothing goes with this kit.
   */
  unmeasured: optional(list(text(60), 60)),
  /** From a data sheet or from own measurements that were checked; false: a used or unknown part. */
  verified: flag(),
});

export type KitFacts = v.InferOutput<typeof kitFactsSchema>;
