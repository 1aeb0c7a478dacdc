import {
  At,
  bodies,
  CableExtension,
  CableToRun,
  ChainLoop,
  CrankSpace,
  FoldedPose,
  RearTravel,
  SteeringHead,
  TurningDisc,
  type Body,
  type Spot,
} from '../cable-runs/contract';
import { Amount, Flag, Items, Nested, OneOf, Optional, Text } from '../input';

/** A place that cables run over. */
export class BikeAnchor {
  @Text(60) id!: string;
  @At() at!: Spot;
  @OneOf(bodies) on!: Body;
  @Optional() @Flag() room?: boolean;
  @Optional() @Flag() axleExit?: boolean;
  @Optional() @Flag() underNut?: boolean;
  /** Where such a place usually is: nobody has measured it on this bike. */
  @Optional() @Flag() guessed?: boolean;
}

export class BikeSteering {
  @Nested(() => SteeringHead) head!: SteeringHead;
  @Amount(0, 400, 'mm') forkTravelMm!: number;
  @Optional() @Nested(() => RearTravel) rearTravel?: RearTravel;
}

export class BikeTurning {
  @Items(() => TurningDisc, 20) discs!: TurningDisc[];
  @Nested(() => CrankSpace) crank!: CrankSpace;
  @Optional() @Nested(() => ChainLoop) chain?: ChainLoop;
}

/** Cables of a bike, and everything that pulls at them or cuts them. What is left out nobody has looked at. */
export class BikeCables {
  @Optional() @Nested(() => BikeSteering) steering?: BikeSteering;
  @Optional() @Nested(() => BikeTurning) turning?: BikeTurning;
  @Optional() @Items(() => BikeAnchor, 80) anchors?: BikeAnchor[];
  @Optional() @Items(() => CableToRun, 40) runs?: CableToRun[];
  /** At hand. */
  @Optional() @Items(() => CableExtension, 60) extensions?: CableExtension[];
  @Optional() @Items(() => FoldedPose, 20) poses?: FoldedPose[];
}
