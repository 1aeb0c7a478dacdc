import { BikeBay, BikeFrame } from './bay';
import { BikeCables } from './cables';
import { BarOrder, BarPart, BarRoom } from '../handlebar';
import { brakeKinds, leverPulls, surfaces } from '../bike-checks';
import { Amount, Flag, OneOf, Text, Whole, Optional, Items, Nested } from '../input';
import { LawClass } from '../law';
import { PackInstead } from '../pack-instead';
import { PedalSensorInput } from '../pedal-sensor';
import { BikeLevers } from './levers';
import { BikeWiring } from './wiring';
import { ControllersInput } from '../controllers/contract';
import { RacksInput } from '../racks/contract';
import { BikePower } from './power';
import { StatedTorque } from '../stated-torques';
import { Approval } from '../torque-reaction';
import { batteryPlaces, nutSchools, schools, sensorKinds, tabSchools, wheelOrders } from '../job-kinds';

class Brake {
  @Optional() @OneOf(brakeKinds) kind?: (typeof brakeKinds)[number];
  @Optional() @Amount(100, 320, 'mm') rotorMm?: number;
  @Optional() @OneOf(leverPulls) leverPull?: (typeof leverPulls)[number];
  @Optional() @OneOf(leverPulls) caliperPull?: (typeof leverPulls)[number];
}

/** What stands on the side of the bike's own tyre. */
class Sidewall {
  @Optional() @Amount(20, 400, 'kg') loadKg?: number;
  @Optional() @Amount(10, 150, 'km/h') speedKmh?: number;
  @Optional() @Amount(0.3, 12, 'bar') minBar?: number;
  @Optional() @Amount(0.5, 15, 'bar') maxBar?: number;
}

export class BikeClimb {
  @Amount(0, 40, '%') gradePercent!: number;
  @Amount(0.1, 120, 'min') minutes!: number;
  @Optional() @Amount(3, 60, 'km/h') speedKmh?: number;
}

export class BikeBrakes {
  @Optional() @Nested(() => Brake) front?: Brake;
  @Optional() @Nested(() => Brake) rear?: Brake;
}

export class BikeRating {
  @Text(80) part!: string;
  @Optional() @Amount(0.1, 500, 'kg') ratedKg?: number;
  @Optional() @Amount(0, 500, 'kg') loadKg?: number;
  @Optional() @Amount(1, 150, 'km/h') ratedKmh?: number;
}

export class BikeTyres {
  @Optional() @Nested(() => Sidewall) front?: Sidewall;
  @Optional() @Nested(() => Sidewall) rear?: Sidewall;
}

export class BikeApprovals {
  @Optional() @Nested(() => Approval) front?: Approval;
  @Optional() @Nested(() => Approval) rear?: Approval;
}

export class BikeJobSensorGap {
  @Amount(0, 20, 'mm') minMm!: number;
  @Amount(0, 20, 'mm') maxMm!: number;
}

export class BikeJobPart {
  @Text(80) part!: string;
  @OneOf(['used', 'left-out', 'replaced']) use!: 'used' | 'left-out' | 'replaced';
  @Optional() @Text(120) by?: string;
}

export class BikeJob {
  @Optional() @OneOf(schools) school?: (typeof schools)[number];
  /** Where tabs or plates go when more than one way is free. */
  @Optional() @OneOf(tabSchools) tabs?: (typeof tabSchools)[number];
  @Optional() @OneOf(sensorKinds) sensor?: (typeof sensorKinds)[number];
  @Optional() @OneOf(batteryPlaces) battery?: (typeof batteryPlaces)[number];
  /** A switch that cuts the motor when a brake is pulled. */
  @Optional() @Flag() cutOff?: boolean;
  /** A factory electric bike whose loom comes out. */
  @Optional() @Flag() oldLoom?: boolean;
  @Optional() @Flag() folds?: boolean;
  /** Bare wheel tried first, or tyre and rotor on before. */
  @Optional() @OneOf(wheelOrders) wheelOrder?: (typeof wheelOrders)[number];
  @Optional() @OneOf(nutSchools) nuts?: (typeof nutSchools)[number];
  /** The kit's throttle, when it has one: fitted, or left out by the rider's wish or the law's. */
  @Optional() @OneOf(['used', 'left-out']) throttle?: 'used' | 'left-out';
  @Optional() @OneOf(['left', 'right']) throttleSide?: 'left' | 'right';
  /** The kit's levers with cut-off, the bike's own, or the bike's own with a separate switch. */
  @Optional() @OneOf(['kit', 'own', 'own-and-switch']) levers?: 'kit' | 'own' | 'own-and-switch';
  /** The pedal sensor's own figures: room beside the shell, and the gap that it wants. */
  @Optional() @Amount(1, 60, 'mm') sensorRoomMm?: number;
  @Optional() @Nested(() => BikeJobSensorGap) sensorGap?: BikeJobSensorGap;
  /** A puncture liner in the tyre of the powered wheel; fitted when left out. */
  @Optional() @OneOf(['fitted', 'left-out']) liner?: 'fitted' | 'left-out';
  @Optional() @OneOf(['off-bike', 'on-bike']) charging?: 'off-bike' | 'on-bike';
  /** The kit's own pack, the rider's, or another that the supplier sent. */
  @Optional() @OneOf(['supplied', 'reused', 'substitute']) pack?: 'supplied' | 'reused' | 'substitute';
  @Optional() @Nested(() => PackInstead) packInstead?: PackInstead;
  /** What becomes of the kit's parts; what is not named is used. */
  @Optional() @Items(() => BikeJobPart, 60) parts?: BikeJobPart[];
}

/** What is on the handlebar, or is to come onto it. */
class BikeBar {
  @Optional() @Nested(() => BarRoom) room?: BarRoom;
  @Optional() @Items(() => BarPart, 16) parts?: BarPart[];
  /** As somebody wants it; left out: as it is arranged. */
  @Optional() @Nested(() => BarOrder) order?: BarOrder;
}

/** Weights, wishes and ratings as recorded at take-in; what is not known yet is left out. */
export class BikeFacts {
  @Optional() @Amount(5, 120, 'kg') bikeKg?: number;
  @Optional() @Amount(20, 250, 'kg') riderKg?: number;
  @Optional() @Amount(0, 300, 'kg') loadKg?: number;
  @Optional() @OneOf(['front', 'rear', 'trailer']) loadAt?: 'front' | 'rear' | 'trailer';
  /** How fast it is ridden now. */
  @Optional() @Amount(5, 60, 'km/h') speedKmh?: number;
  @Optional() @Nested(() => BikeClimb) climb?: BikeClimb;
  @Optional() @Amount(0, 40, '%') descentPercent?: number;
  @Optional() @OneOf(surfaces) surface?: (typeof surfaces)[number];
  @Optional() @Amount(0, 100_000, '') budget?: number;
  @Optional() @Nested(() => LawClass) law?: LawClass;
  /** The rider wants a throttle. */
  @Optional() @Flag() throttle?: boolean;
  /** Teeth in use: chainring, and the smallest sprocket. */
  @Optional() @Whole(18, 70) chainringTeeth?: number;
  @Optional() @Whole(9, 40) smallestTeeth?: number;
  @Optional() @Amount(0.5, 3, 'm') wheelbaseM?: number;
  @Optional() @Nested(() => BikeBrakes) brakes?: BikeBrakes;
  /** Rack, kickstand, child seat and the like, with what they will carry. */
  @Optional() @Items(() => BikeRating, 20) ratings?: BikeRating[];
  /** The bike's own tyres, by what stands on them: one may move over to the motor wheel. */
  @Optional() @Nested(() => BikeTyres) tyres?: BikeTyres;
  /** What the maker of fork or frame has allowed, end by end: who said it, when, and which document. */
  @Optional() @Nested(() => BikeApprovals) approvals?: BikeApprovals;
  /** Torques that the makers of fork, frame, caliper, stem and crank state. */
  @Optional() @Items(() => StatedTorque, 30) torques?: StatedTorque[];
  /** How the conversion is to be built, as far as the end does not decide it. */
  @Optional() @Nested(() => BikeJob) job?: BikeJob;
  @Optional() @Nested(() => BikeBar) bar?: BikeBar;
  /** Bottom bracket, cranks, and the kit's ring and sensor. */
  @Optional() @Nested(() => PedalSensorInput) cranks?: PedalSensorInput;
  /** Tubes, bosses and what is in the way, round the battery. */
  @Optional() @Nested(() => BikeFrame) frame?: BikeFrame;
  @Optional() @Nested(() => BikeBay) bay?: BikeBay;
  /** What the current flows through, from cell to motor. */
  @Optional() @Nested(() => BikePower) power?: BikePower;
  @Optional() @Nested(() => BikeCables) cables?: BikeCables;
  @Optional() @Nested(() => BikeLevers) levers?: BikeLevers;
  @Optional() @Nested(() => BikeWiring) wiring?: BikeWiring;
  /** Where the controller is put. */
  @Optional() @Nested(() => ControllersInput) controller?: ControllersInput;
  /** The rack with the battery on it. */
  @Optional() @Nested(() => RacksInput) rack?: RacksInput;
  /** What the walk round found, in words. */
  @Optional() @Items(Text(400), 40) notes?: string[];
}

export const emptyBikeFacts: BikeFacts = {};
