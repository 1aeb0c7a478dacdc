import { Amount, Flag, OneOf, Text, Whole, Maybe, Optional, Items, Nested } from '../input';
import { AdapterSet } from '../end-adapter';
import { rotorPatterns } from '../rotor-fit/patterns';
import { StatedTorque } from '../stated-torques';
import { KitPartOfKind, type KitPart } from './kit-part';
import { KitOutfit } from './outfit';

/** Where the controller sits. */
export const topologies = ['separate', 'in-hub', 'in-battery', 'all-in-wheel'] as const;

class Flange {
  @Amount(20, 320, 'mm') flangeDiameterMm!: number;
  @Amount(-20, 90, 'mm') flangeOffsetMm!: number;
  @Amount(1.5, 5, 'mm') holeMm!: number;
}

export class KitHubRotor {
  @OneOf(rotorPatterns) pattern!: (typeof rotorPatterns)[number];
  /** Usable thread of the rotor holes. */
  @Amount(1, 60, 'mm') holeDepthMm!: number;
  /** Rotor's inboard face to the motor cover, axially, without shim. */
  @Amount(-40, 80, 'mm') coverFaceMm!: number;
}

export class KitHubCable {
  @Amount(1, 20, 'mm') diameterMm!: number;
  /** Widest part of its plug: what it must pass through. */
  @Amount(1, 60, 'mm') plugMm!: number;
  /** It runs out past the heads of the rotor bolts. */
  @Flag() atRotorBolts!: boolean;
}

export class KitHub {
  @OneOf(['aluminium', 'steel']) material!: 'aluminium' | 'steel';
  /** How it takes a rotor; left out: not at all. */
  @Optional() @Nested(() => KitHubRotor) rotor?: KitHubRotor;
  @OneOf(['freewheel', 'cassette', 'none']) takes!: 'freewheel' | 'cassette' | 'none';
  /** Length of the splined body. */
  @Optional() @Amount(10, 60, 'mm') bodyMm?: number;
  /** Made for a through-axle hole of this diameter. */
  @Optional() @Amount(5, 30, 'mm') throughMm?: number;
  /** Caps and extenders that build it up for a closed end; the wheel's own dimensions are without them. */
  @Optional() @Nested(() => AdapterSet) adapters?: AdapterSet;
  @Nested(() => KitHubCable) cable!: KitHubCable;
}

export class KitMotor {
  @Amount(50, 6000, 'W') ratedW!: number;
  @Optional() @Amount(0.5, 60, 'rpm/V') kv?: number;
  @Optional() @Amount(0.005, 5, 'Ω') windingOhm?: number;
  @Optional() @Amount(0, 10, 'A') noLoadA?: number;
  @Optional() @Amount(1, 300, 'N·m') statedNm?: number;
}

export class KitController {
  @OneOf(topologies) topology!: (typeof topologies)[number];
  @Amount(5, 120, 'V') fullV!: number;
  @Optional() @Amount(1, 200, 'A') batteryA?: number;
  @Optional() @Amount(1, 400, 'A') phaseA?: number;
}

export class KitRim {
  @Amount(8, 110, 'mm') innerWidthMm!: number;
  @Flag() brakeTrack!: boolean;
  @OneOf(['thin', 'thick']) valveHole!: 'thin' | 'thick';
  @Amount(5, 100, 'mm') depthMm!: number;
  @Optional() @Amount(0.5, 15, 'bar') maxBar?: number;
  @Optional() @Amount(20, 400, 'kg') maxLoadKg?: number;
}

export class KitCluster {
  @Whole(1, 13) sprockets!: number;
  /** Smallest first. */
  @Optional() @Items(Whole(6, 60), 13) teeth?: number[];
}

export class KitFlanges {
  @Nested(() => Flange) left!: Flange;
  @Nested(() => Flange) right!: Flange;
  @Whole(12, 72) spokes!: number;
}

export class KitBattery {
  @Amount(50, 5000, 'Wh') Wh!: number;
  @Amount(0.3, 40, 'kg') massKg!: number;
  /** Not known when left out. */
  @Optional() @Amount(0, 20_000, '') cost?: number;
}

/**
 * Everything of a kit besides the dimensions of its wheel. What its maker does not state and nobody has measured is left
 * out, and the fit that needs it says "not measured yet".
 */
export class KitFacts {
  @Nested(() => KitHub) hub!: KitHub;
  @Nested(() => KitMotor) motor!: KitMotor;
  @Nested(() => KitController) controller!: KitController;
  @Amount(5, 80, 'km/h') assistedKmh!: number;
  @OneOf(['none', 'thumb', 'twist']) throttle!: 'none' | 'thumb' | 'twist';
  @Flag() display!: boolean;
  /** Null: the hub comes without a rim and must be laced. Left out: nobody has recorded it. */
  @Optional() @Maybe() @Nested(() => KitRim) rim?: KitRim | null;
  /** Sprockets that come with the kit; null or left out: the bike's own move over, or new ones are bought. */
  @Optional() @Maybe() @Nested(() => KitCluster) cluster?: KitCluster | null;
  @Optional() @Nested(() => KitFlanges) flanges?: KitFlanges;
  /** Null: none is bought, the rider's own pack serves. Left out: nobody has recorded it. */
  @Optional() @Maybe() @Nested(() => KitBattery) battery?: KitBattery | null;
  /** Pack, controller, throttle, display, sensor and plugs, as far as somebody has measured them. */
  @Optional() @Nested(() => KitOutfit) outfit?: KitOutfit;
  /** Torques that the maker of the kit states. */
  @Optional() @Items(() => StatedTorque, 30) torques?: StatedTorque[];
  /** Without the battery. */
  @Amount(0.5, 60, 'kg') massKg!: number;
  /** In the workshop's currency, without the battery. */
  @Amount(0, 50_000, '') cost!: number;
  @Whole(0, 365) leadDays!: number;
  /** The parts as the maker packs them: to be counted when they arrive. */
  @Items(KitPartOfKind(), 60) packing!: KitPart[];
  /** Steps that the maker asks for besides the usual ones. */
  @Items(Text(300), 30) ownSteps!: string[];
  /** What its guarantee does not cover. */
  @Items(Text(300), 30) exclusions!: string[];
  /**
   * Paths of the wheel's figures, such as `axle.leftMm` or `kit.massKg`, that are a pattern's and not this wheel's: nobody has
   * measured them. As long as one is left nothing goes with this kit.
   */
  @Optional() @Items(Text(60), 60) unmeasured?: string[];
  /** From a data sheet or from own measurements that were checked; false: a used or unknown part. */
  @Flag() verified!: boolean;
}
