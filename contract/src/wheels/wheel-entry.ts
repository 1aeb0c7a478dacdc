import { Amount, Flag, Maybe, Nested, OneOf, Optional, Remark, Text, Whole } from '@cricket/core/input';
import { KitFacts } from '@cricket/core/kit';
import { Delivered, PlainWheelAxle } from '@cricket/core/part-schemas';

/** A motor wheel of the catalogue: new (version 0), or changed (the version that was read). */
export class WheelEntry {
  @Text(20) code!: string;
  @OneOf(['front', 'rear']) soldFor!: 'front' | 'rear';
  @OneOf(['geared', 'direct']) drive!: 'geared' | 'direct';
  @Flag() regen!: boolean;
  @Nested(() => PlainWheelAxle) axle!: PlainWheelAxle;
  @Amount(40, 200, 'mm') shoulderWidthMm!: number;
  @Amount(-40, 40, 'mm') rimOffsetMm!: number;
  @Optional() @Maybe() @Amount(-40, 80, 'mm') rotorFaceMm!: number | null;
  @Optional() @Maybe() @Amount(-60, 60, 'mm') smallSprocketMm!: number | null;
  @Amount(3, 30, 'mm') nutMm!: number;
  @Amount(10, 50, 'mm') nutFlangeMm!: number;
  @Amount(60, 320, 'mm') coverDiameterMm!: number;
  @Amount(20, 160, 'mm') coverWidthMm!: number;
  @Optional() @Maybe() @Amount(100, 260, 'mm') rotorDiameterMm!: number | null;
  @OneOf(['left', 'right']) cableExit!: 'left' | 'right';
  @OneOf(['arrow', 'notch', 'none']) downMark!: 'arrow' | 'notch' | 'none';
  @Amount(200, 700, 'mm') beadSeatMm!: number;
  @Nested(() => Delivered) delivered!: Delivered;
  /** Everything else of the kit; a form that knows nothing of it leaves it out. */
  @Optional() @Maybe() @Nested(() => KitFacts) kit?: KitFacts | null;
  @Remark(400) note!: string;
  @Whole(0, 1_000_000) version!: number;
}
