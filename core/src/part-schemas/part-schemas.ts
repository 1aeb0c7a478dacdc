import { armKinds } from '../arm-fit';
import { Amount, Flag, OneOf, Text, Whole, Maybe, Optional, Items, Nested } from '../input';
import { KitFacts } from '../kit';
import { armGrades } from '../torque-reaction';
import { storeKinds } from '../part-kinds';

/** A washer or spacer by what it is and how thick it is. */
export class LoosePart {
  @OneOf(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other']) kind!:
    | 'plain'
    | 'tabbed'
    | 'c-washer'
    | 'spacer'
    | 'stay'
    | 'other';
  @Amount(0.05, 60, 'mm') thicknessMm!: number;
}

/** Washers as they come, from the hub outwards. */
export class Delivered {
  @Items(() => LoosePart, 12) left!: LoosePart[];
  @Items(() => LoosePart, 12) right!: LoosePart[];
}

export class PlainWheelAxle {
  @Amount(8, 20, 'mm') threadMm!: number;
  @Amount(5, 18, 'mm') flatsMm!: number;
  @Amount(5, 120, 'mm') leftMm!: number;
  @Amount(5, 120, 'mm') rightMm!: number;
  @Amount(0, 100, 'mm') threadFromLeftMm!: number;
  @Amount(0, 100, 'mm') threadFromRightMm!: number;
}

/** A motor wheel with the kit that it comes in. */
export class PlainWheel {
  @Text(60) id!: string;
  @Text(20) code!: string;
  @OneOf(['front', 'rear']) soldFor!: 'front' | 'rear';
  @OneOf(['geared', 'direct']) drive!: 'geared' | 'direct';
  @Flag() regen!: boolean;
  @Nested(() => PlainWheelAxle) axle!: PlainWheelAxle;
  @Amount(40, 200, 'mm') shoulderWidthMm!: number;
  @Amount(-40, 40, 'mm') rimOffsetMm!: number;
  @Maybe() @Amount(-40, 80, 'mm') rotorFaceMm!: number | null;
  @Maybe() @Amount(-60, 60, 'mm') smallSprocketMm!: number | null;
  @Amount(3, 30, 'mm') nutMm!: number;
  @Amount(10, 50, 'mm') nutFlangeMm!: number;
  @Amount(60, 320, 'mm') coverDiameterMm!: number;
  @Amount(20, 160, 'mm') coverWidthMm!: number;
  @Maybe() @Amount(100, 260, 'mm') rotorDiameterMm!: number | null;
  @OneOf(['left', 'right']) cableExit!: 'left' | 'right';
  @OneOf(['arrow', 'notch', 'none']) downMark!: 'arrow' | 'notch' | 'none';
  @Amount(200, 700, 'mm') beadSeatMm!: number;
  @Nested(() => Delivered) delivered!: Delivered;
  @Optional() @Maybe() @Nested(() => KitFacts) kit?: KitFacts | null;
}

class TyreFacts {
  @Amount(150, 700, 'mm') beadSeatMm!: number;
  @Amount(15, 130, 'mm') widthMm!: number;
  @Maybe() @Amount(0.3, 12, 'bar') minBar!: number | null;
  @Maybe() @Amount(0.5, 15, 'bar') maxBar!: number | null;
  @Maybe() @Amount(20, 400, 'kg') loadKg!: number | null;
  @Maybe() @Amount(10, 150, 'km/h') speedKmh!: number | null;
  @Flag() directional!: boolean;
}

class ArmFacts {
  @OneOf(armKinds) kind!: (typeof armKinds)[number];
  @Amount(20, 400, 'mm') lengthMm!: number;
  @Maybe() @Amount(10, 300, 'mm') linkMm!: number | null;
  @Amount(0, 180, '°') holeDeg!: number;
  @Maybe() @Amount(1, 90, '°') stepDeg!: number | null;
  @Amount(5, 60, 'mm') widthMm!: number;
  @Amount(-30, 30, 'mm') offsetMm!: number;
  @Amount(5, 120, 'mm') bandFromMm!: number;
  @Amount(5, 120, 'mm') bandToMm!: number;
  @OneOf(armGrades) grade!: (typeof armGrades)[number];
  @Amount(0, 2, 'mm') fitClearanceMm!: number;
}

/** What only some kinds of part have. */
export class PlainStoreDetails {
  @Optional() @Maybe() @Amount(1, 330, 'mm') lengthMm?: number | null;
  @Optional() @Maybe() @Nested(() => ArmFacts) arm?: ArmFacts | null;
  @Optional() @Maybe() @Nested(() => TyreFacts) tyre?: TyreFacts | null;
  @Optional() @Maybe() @Amount(0, 60, 'mm') inboardMm?: number | null;
  @Optional() @Maybe() @Amount(0, 10_000, '') costEach?: number | null;
  @Optional() @Maybe() @Text(80) label?: string | null;
}

/** A line of the stores. */
export class PlainStoreItem {
  @Text(60) id!: string;
  @OneOf(storeKinds) kind!: (typeof storeKinds)[number];
  @Maybe() @Amount(1, 60, 'mm') boreMm!: number | null;
  @Maybe() @Amount(6, 320, 'mm') outerMm!: number | null;
  @Amount(0.05, 30, 'mm') thicknessMm!: number;
  @Maybe() @Amount(4, 20, 'mm') tabWidthMm!: number | null;
  @Maybe() @Amount(0.5, 20, 'mm') tabDepthMm!: number | null;
  @Whole(0, 9999) count!: number;
  @Optional() @Maybe() @Nested(() => PlainStoreDetails) details?: PlainStoreDetails | null;
}
