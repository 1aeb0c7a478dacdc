import { Amount, Flag, Nested, OneOf, Optional, Whole } from '../input';

/** The lever that works one brake as the bike has it. */
export class LeverOfBike {
  @Flag() oneWithShifter!: boolean;
  @Optional() @Flag() cutOff?: boolean;
  @Optional() @Amount(20, 150, 'mm') reachMm?: number;
}

/** Brake levers of a bike, and what is at hand to cut the motor with. */
export class BikeLevers {
  @Optional() @Nested(() => LeverOfBike) front?: LeverOfBike;
  @Optional() @Nested(() => LeverOfBike) rear?: LeverOfBike;
  /** What the two levers of the kit pull; `none`: it brings none. Left out: nobody has looked. */
  @Optional() @OneOf(['none', 'long', 'short']) kitPull?: 'none' | 'long' | 'short';
  @Optional() @Amount(20, 150, 'mm') kitReachMm?: number;
  /** They cut the motor; left out: nobody has looked, and they do not count as if they did. */
  @Optional() @Flag() kitCutOff?: boolean;
  /** Switches at hand. */
  @Whole(0, 3) inLine!: number;
  @Whole(0, 3) atLever!: number;
  @Flag() swap!: boolean;
  /** From the grip to where the rider's fingers still pull well. */
  @Optional() @Amount(20, 150, 'mm') handReachMm?: number;
}
