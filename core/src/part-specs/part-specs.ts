import { armKinds } from '../arm-fit';
import { Amount, Flag, OneOf, Optional, Text, Whole, type Shape } from '../input';
import type { PartKind } from '../part-kinds';
import { rotorPatterns } from '../rotor-fit/patterns';
import { armGrades } from '../torque-reaction';

/** What goes over the axle. */
class WasherSpec {
  @Amount(4, 60, 'mm') boreMm!: number;
  @Optional() @Amount(6, 320, 'mm') outerMm?: number;
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
}

class TabbedSpec extends WasherSpec {
  @Amount(4, 20, 'mm') tabWidthMm!: number;
  /** How far the tab reaches into the slot's plate. */
  @Amount(0.5, 20, 'mm') tabDepthMm!: number;
}

/** An open washer sits inside a lip: its outside decides. */
class CWasherSpec {
  @Amount(4, 60, 'mm') boreMm!: number;
  @Amount(6, 320, 'mm') outerMm!: number;
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
}

/** What nothing passes through. */
class SheetSpec {
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
  @Optional() @Amount(6, 320, 'mm') outerMm?: number;
}

class ArmSpec {
  /** The axle that it is made for. */
  @Amount(4, 60, 'mm') boreMm!: number;
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
  @OneOf(armKinds) form!: (typeof armKinds)[number];
  @Amount(20, 400, 'mm') lengthMm!: number;
  @Optional() @Amount(10, 300, 'mm') linkMm?: number;
  @Amount(5, 60, 'mm') widthMm!: number;
  @Amount(5, 120, 'mm') bandFromMm!: number;
  @Amount(5, 120, 'mm') bandToMm!: number;
  @Amount(0, 2, 'mm') fitClearanceMm!: number;
  @OneOf(armGrades) grade!: (typeof armGrades)[number];
  @Optional() @Amount(0, 180, '°') holeDeg?: number;
  @Optional() @Amount(1, 90, '°') stepDeg?: number;
  @Optional() @Amount(-30, 30, 'mm') offsetMm?: number;
}

class BoltSpec {
  @Amount(3, 20, 'mm') threadMm!: number;
  @Amount(1, 330, 'mm') lengthMm!: number;
}

class RotorSpec {
  @Amount(80, 320, 'mm') diameterMm!: number;
  @Optional() @Amount(1, 4, 'mm') thicknessMm?: number;
  @Optional() @OneOf(rotorPatterns) pattern?: (typeof rotorPatterns)[number];
}

class CaliperSpec {
  /** How far the body reaches inboard of the rotor. */
  @Amount(0, 60, 'mm') inboardMm!: number;
}

class SpokeSpec {
  @Amount(1, 4, 'mm') gaugeMm!: number;
  @Amount(1, 330, 'mm') lengthMm!: number;
}

class TyreSpec {
  @Amount(150, 700, 'mm') beadSeatMm!: number;
  @Amount(15, 130, 'mm') widthMm!: number;
  @Optional() @Amount(0.3, 12, 'bar') minBar?: number;
  @Optional() @Amount(0.5, 15, 'bar') maxBar?: number;
  @Optional() @Amount(20, 400, 'kg') loadKg?: number;
  @Optional() @Amount(10, 150, 'km/h') speedKmh?: number;
  @Optional() @Flag() directional?: boolean;
}

/** An axle nut, told by the thread that it goes on. */
class NutSpec {
  @Amount(3, 30, 'mm') threadMm!: number;
}

class MotorSpec {
  @Amount(50, 6000, 'W') ratedW!: number;
  @Optional() @Amount(0.5, 60, 'rpm/V') kv?: number;
}

class ControllerSpec {
  @Amount(5, 120, 'V') fullV!: number;
  @Optional() @Amount(1, 200, 'A') batteryA?: number;
}

class BatterySpec {
  @Amount(50, 5000, 'Wh') Wh!: number;
  @Optional() @Whole(1, 60) cells?: number;
  @Optional() @Text(20) chemistry?: string;
}

class ChargerSpec {
  @Amount(5, 120, 'V') fullV!: number;
  @Optional() @Amount(0.1, 60, 'A') chargeA?: number;
}

/** What is told from others of its kind by its name on the shelf alone. */
class NamedSpec {}

class ThrottleSpec {
  @OneOf(['thumb', 'twist']) form!: 'thumb' | 'twist';
}

class SensorSpec {
  @Optional() @Whole(1, 64) magnets?: number;
}

class ShifterSpec {
  @Optional() @Whole(1, 14) speeds?: number;
}

class CableSpec {
  @Optional() @Amount(10, 5000, 'mm') lengthMm?: number;
}

class ClusterSpec {
  @OneOf(['freewheel', 'cassette']) takes!: 'freewheel' | 'cassette';
  @Whole(1, 13) sprockets!: number;
}

class TubeSpec {
  @Amount(150, 700, 'mm') beadSeatMm!: number;
}

class KitSpec {
  @Text(20) code!: string;
}

/** What each kind of part is told by, and nothing else: a kind that has no thickness is asked for none. */
export const partSpecs: Readonly<Record<PartKind, Shape>> = {
  plain: WasherSpec,
  tabbed: TabbedSpec,
  'c-washer': CWasherSpec,
  'lock-plate': WasherSpec,
  'rotor-shim': SheetSpec,
  'caliper-shim': SheetSpec,
  arm: ArmSpec,
  'rotor-bolt': BoltSpec,
  'caliper-bolt': BoltSpec,
  rotor: RotorSpec,
  caliper: CaliperSpec,
  spoke: SpokeSpec,
  tyre: TyreSpec,
  'cassette-spacer': SheetSpec,
  kit: KitSpec,
  nut: NutSpec,
  motor: MotorSpec,
  controller: ControllerSpec,
  battery: BatterySpec,
  charger: ChargerSpec,
  display: NamedSpec,
  throttle: ThrottleSpec,
  sensor: SensorSpec,
  lever: NamedSpec,
  shifter: ShifterSpec,
  cable: CableSpec,
  cluster: ClusterSpec,
  tube: TubeSpec,
  'rim-tape': NamedSpec,
  liner: NamedSpec,
  other: NamedSpec,
};
