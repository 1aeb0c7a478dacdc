import { said } from '../said';
import { Amount, Exactly, Items, Nested, OneOf, OneOfKinds, Optional, Row, Text } from '../input';
import type { Point } from '../plane';
import type { Finding, Verdict } from '../verdict';

/** In the side view: x forward, y up, in mm from the bottom bracket centre. */
const Spot = () => Row(Amount(-3000, 3000, 'mm'), 2, said('shared.two-figures-x-and-y-in'));
/** At least three corners are asked for when it is looked whether the outline crosses itself. */
const Outline = () => Items(Spot(), 200);

/** A tube along its wall, from inside corner to inside corner. */
class Tube {
  @Amount(5, 1500, 'mm') lengthMm!: number;
  @Amount(5, 200, 'mm') diameterMm!: number;
  /** Of the inside edge above the horizontal; negative: it falls forward. */
  @Amount(-90, 179, '°') angleDeg!: number;
}

/** The four tubes round the room in the frame, as a tape and an angle gauge read them. */
export class FrameTubes {
  @Nested(() => Tube) down!: Tube;
  @Nested(() => Tube) seat!: Tube;
  @Nested(() => Tube) top!: Tube;
  /** One shorter than 15 mm inside may be left out. */
  @Optional() @Nested(() => Tube) head?: Tube;
}

export const tubeNames = ['down', 'seat', 'top', 'head'] as const;
export type BayTube = 'down' | 'seat';

export class FrameBoss {
  @OneOf(tubeNames) tube!: (typeof tubeNames)[number];
  /** Along the tube from the bottom bracket centre. */
  @Amount(-500, 2000, 'mm') fromBbMm!: number;
}

class Movement {
  @Outline() to!: Point[];
  /** Where it is in between: a turning link is named at least every 10°. */
  @Optional() @Items(Outline(), 120) via?: Point[][];
}

export class BayObstacle {
  @Text(60) id!: string;
  @Outline() polygon!: Point[];
  @Optional() @Nested(() => Movement) moving?: Movement;
}

export class BayBattery {
  @Amount(10, 1200, 'mm') lengthMm!: number;
  @Amount(5, 500, 'mm') heightMm!: number;
  @Amount(5, 500, 'mm') widthMm!: number;
  @Amount(0.1, 50, 'kg') massKg!: number;
}

export class BayRail {
  @Amount(1, 1200, 'mm') lengthMm!: number;
  @Amount(0, 150, 'mm') heightMm!: number;
  /** Its lower end above the battery's; 0 when left out. */
  @Optional() @Amount(-1000, 1000, 'mm') offsetMm?: number;
  /** From its lower end. */
  @Items(Row(Amount(-100, 1500, 'mm'), 2, said('shared.two-figures-from-and-to-in')), 30) slotsMm!: [
    from: number,
    to: number,
  ][];
}

export class Slide {
  @Exactly('slide') kind!: 'slide';
  @Amount(0, 1200, 'mm') strokeMm!: number;
  /** The end that it moves to while it is put in. */
  @OneOf(['head', 'bb']) toward!: 'head' | 'bb';
}

export class Tilt {
  @Exactly('tilt') kind!: 'tilt';
  @Amount(0, 89, '°') angleDeg!: number;
  /** The end that is held first; `bb` when left out. */
  @Optional() @OneOf(['bb', 'head']) pivot?: 'bb' | 'head';
}

export class Pedalling {
  @Amount(50, 400, 'mm') qFactorMm!: number;
  /** 15 when left out. */
  @Optional() @Amount(0, 80, 'mm') crankThicknessMm?: number;
  /** Between the knees where the battery is. */
  @Optional() @Amount(20, 800, 'mm') kneeMm?: number;
}

export class BayKey {
  /** Along and off, from the battery's lower rail-side corner. */
  @Row(Amount(-1500, 1500, 'mm'), 2, said('battery-bay.two-figures-along-and-off-in')) at!: [
    along: number,
    off: number,
  ];
  /** How far it stands out sideways; 20 when left out. */
  @Optional() @Amount(0, 200, 'mm') proudMm?: number;
}

/** A pack with its rail, and how it goes onto it. */
export class PackOnRail {
  @Nested(() => BayBattery) battery!: BayBattery;
  @Nested(() => BayRail) rail!: BayRail;
  @OneOfKinds('kind', { slide: Slide, tilt: Tilt }) insert!: Slide | Tilt;
  @Optional() @Nested(() => BayKey) key?: BayKey;
}

class BayBike {
  @Amount(0, 500, 'kg') massKg!: number;
  @Spot() centre!: Point;
}

export class BatteryBayInput {
  @Nested(() => FrameTubes) tubes!: FrameTubes;
  @Items(() => FrameBoss, 60) bosses!: FrameBoss[];
  @Items(() => BayObstacle, 60) obstacles!: BayObstacle[];
  @Nested(() => BayBattery) battery!: BayBattery;
  @Nested(() => BayRail) rail!: BayRail;
  @OneOfKinds('kind', { slide: Slide, tilt: Tilt }) insert!: Slide | Tilt;
  @OneOf(['down', 'seat']) tube!: BayTube;
  /** 5 when left out. */
  @Optional() @Amount(0, 100, 'mm') clearanceMm?: number;
  @Optional() @Nested(() => Pedalling) pedal?: Pedalling;
  @Optional() @Nested(() => BayKey) key?: BayKey;
  @Optional() @Nested(() => BayBike) bike?: BayBike;
}

/** Positions along the tube, both ends among them: a point when they are one. */
export interface Stretch {
  fromMm: number;
  toMm: number;
}

/** The free inside of the frame, as its fitted tubes bound it. */
export interface BayTriangle {
  bb: Point;
  downHead: Point;
  headTop: Point;
  seat: Point;
  /** How far the figures, as measured, are from closing. */
  closingMm: number;
  /** Sum of squared differences between measured and fitted, each over its uncertainty. */
  misfit: number;
}

export type BayFixing = 'bolted' | 'boss-band' | 'bands';

export interface ChosenBay {
  /** Lower end of the battery, along the tube from the bottom bracket centre. */
  fromMm: number;
  fixing: BayFixing;
  /** Bosses that are used, ascending. */
  bossesMm: number[];
  /** Least distance to anything, over the whole way in. */
  clearanceMm: number;
  /** Lower rail side, upper rail side, upper, lower. */
  corners: Point[];
  centre: Point;
  keyAt?: Point;
  /** How far the bike's centre of mass moves. */
  massShiftMm?: Point;
}

export type BayInstead = 'other-tube' | 'shorter-pack' | 'rack' | 'bag';

export interface BatteryBayResult {
  verdict: Verdict;
  findings: Finding[];
  triangle: BayTriangle;
  intervals: Stretch[];
  /** Parts of the intervals where two bosses or more lie in slots of the rail. */
  bolted: Stretch[];
  chosen?: ChosenBay;
  /** Where no position is free: how much shorter, or how much lower, the battery alone would have to be. */
  missing?: { lengthMm?: number; heightMm?: number };
  instead?: BayInstead[];
}
