import { said } from '../said';
import { FrameBoss, FrameTubes, PackOnRail, Pedalling } from '../battery-bay/contract';
import { packsMeasured } from '../pack-instead/other-pack';
import { Amount, Exactly, Items, Nested, OneOf, OneOfKinds, Optional, Row, Text } from '../input';

/** A place in the frame as a tape finds it. */
export class FrameSpot {
  @OneOf(['down', 'seat', 'top']) tube!: 'down' | 'seat' | 'top';
  /** From the bottom bracket centre; on the top tube from its corner at the seat tube. */
  @Amount(-200, 2000, 'mm') alongMm!: number;
  /** Square off the tube's inside edge, into the frame. */
  @Amount(-100, 1000, 'mm') offMm!: number;
}

/** A pivot, a bolt head, a bottle cage's end. */
export class RoundThing {
  @Exactly('round') kind!: 'round';
  @Text(60) id!: string;
  @Nested(() => FrameSpot) at!: FrameSpot;
  @Amount(1, 500, 'mm') diameterMm!: number;
}

/** A shock, a link, a lock: from one end to the other. */
export class LongThing {
  @Exactly('long') kind!: 'long';
  @Text(60) id!: string;
  @Nested(() => FrameSpot) from!: FrameSpot;
  @Nested(() => FrameSpot) to!: FrameSpot;
  @Amount(1, 300, 'mm') thickMm!: number;
  /** Where its ends are at the other end of the travel; left out: it does not move. */
  @Optional() @Nested(() => MovedEnds) moved?: MovedEnds;
}

class MovedEnds {
  @Nested(() => FrameSpot) from!: FrameSpot;
  @Nested(() => FrameSpot) to!: FrameSpot;
}

export type FrameThing = RoundThing | LongThing;

/** The frame round the battery. What is left out nobody has measured, or looked for. */
export class BikeFrame {
  @Optional() @Nested(() => FrameTubes) tubes?: FrameTubes;
  @Optional() @Items(() => FrameBoss, 60) bosses?: FrameBoss[];
  /** Everything in the frame that a battery must keep clear of; an empty list: somebody has looked, and there is nothing. */
  @Optional() @Items(OneOfKinds('kind', { round: RoundThing, long: LongThing }), 40) inWay?: FrameThing[];
  @Optional() @Nested(() => Pedalling) pedal?: Pedalling;
}

/** A pack and how it goes onto its rail. */
export class BayPack extends PackOnRail {
  /** Whose measures these are. */
  @OneOf(packsMeasured) of!: (typeof packsMeasured)[number];
}

/** Where the battery is to lie. */
export class BayPlace {
  @OneOf(['down', 'seat']) tube!: 'down' | 'seat';
  /** Laid by hand, its lower end so far along the tube; left out: where it lies best. */
  @Optional() @Amount(-500, 2000, 'mm') fromMm?: number;
}

/** Where the controller is put, in the side view. */
export class BoxPlace {
  /** Its middle, from the bottom bracket centre: forward and up. */
  @Row(Amount(-2000, 2000, 'mm'), 2, said('bike-facts.two-figures-forward-and-up-in')) at!: [x: number, y: number];
  /** Its length against the horizontal, rising to the front. */
  @Amount(-90, 90, '°') turnDeg!: number;
}

export class BikeBay {
  @Optional() @Nested(() => BayPack) pack?: BayPack;
  @Optional() @Nested(() => BayPlace) at?: BayPlace;
  /** Where the controller is put. */
  @Optional() @Nested(() => BoxPlace) box?: BoxPlace;
  /** Stands on the key of the battery's lock: another one is made by it. */
  @Optional() @Text(40) keyNumber?: string;
}
