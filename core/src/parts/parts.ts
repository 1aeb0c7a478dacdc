import type { ArmKind } from '../arm-fit';
import type { End, Side } from '../features';
import type { KitFacts } from '../kit';
import type { StoreKind } from '../part-kinds';
import type { ArmGrade } from '../torque-reaction';

/** A washer or spacer by what it is and how thick it is. */
export interface LoosePart {
  kind: 'plain' | 'tabbed' | 'c-washer' | 'spacer' | 'stay' | 'other';
  thicknessMm: number;
}

/** A motor wheel as the catalogue describes it. Lateral figures are positive toward the drive side. */
export interface Wheel {
  id: string;
  code: string;
  /** Which end it is sold for; whether it fits is a matter of geometry. */
  soldFor: End;
  drive: 'geared' | 'direct';
  /** The motor brakes when asked to. */
  regen: boolean;
  axle: {
    threadMm: number;
    flatsMm: number;
    leftMm: number;
    rightMm: number;
    threadFromLeftMm: number;
    threadFromRightMm: number;
  };
  shoulderWidthMm: number;
  rimOffsetMm: number;
  /** Left shoulder, inboard, to the rotor's inboard face; null without rotor mount. */
  rotorFaceMm: number | null;
  /** Right shoulder, inboard, to the smallest sprocket's outer face; null without sprockets. */
  smallSprocketMm: number | null;
  nutMm: number;
  /** Flange of the nut, or the washer under it: what sits inside a lip. */
  nutFlangeMm: number;
  /** Cover of the motor, for the drawing. */
  coverDiameterMm: number;
  coverWidthMm: number;
  rotorDiameterMm: number | null;
  cableExit: Side;
  /** Where the "this way down" mark is. */
  downMark: 'arrow' | 'notch' | 'none';
  beadSeatMm: number;
  /** Washers as the maker delivers them, from the hub outwards. */
  delivered: { left: LoosePart[]; right: LoosePart[] };
  /** Everything else of the kit that it comes in; null or absent: nobody has recorded it yet. */
  kit?: KitFacts | null;
}

/** What an arm is like, besides its thickness and the axle that it is made for. */
export interface ArmFacts {
  kind: ArmKind;
  lengthMm: number;
  linkMm: number | null;
  holeDeg: number;
  stepDeg: number | null;
  widthMm: number;
  offsetMm: number;
  bandFromMm: number;
  bandToMm: number;
  grade: ArmGrade;
  fitClearanceMm: number;
}

/** What a tyre is marked with. */
export interface TyreFacts {
  beadSeatMm: number;
  widthMm: number;
  minBar: number | null;
  maxBar: number | null;
  loadKg: number | null;
  speedKmh: number | null;
  directional: boolean;
}

/** What only some kinds of part have. */
export interface StoreDetails {
  /** Bolts and spokes. */
  lengthMm?: number | null;
  arm?: ArmFacts | null;
  tyre?: TyreFacts | null;
  /** Calipers: how far the body reaches inboard of the rotor. */
  inboardMm?: number | null;
  /** In the workshop's currency, a piece. */
  costEach?: number | null;
  /** What it is called on the shelf. */
  label?: string | null;
}

/** A line of the stores. */
export interface StoreItem {
  id: string;
  kind: StoreKind;
  /** Bore; null where nothing passes through, as with a caliper shim. */
  boreMm: number | null;
  outerMm: number | null;
  thicknessMm: number;
  /** Tabbed washers: width of the tab, and how far it reaches into the slot's plate. */
  tabWidthMm: number | null;
  tabDepthMm: number | null;
  count: number;
  details?: StoreDetails | null;
}
