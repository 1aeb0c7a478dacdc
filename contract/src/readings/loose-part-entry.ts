import type { LoosePart } from '@cricket/core/parts';
import { IsIn, IsNumber, Max, Min } from 'class-validator';

/** A part found on an axle. */
export class LoosePartEntry implements LoosePart {
  @IsIn(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other'])
  kind!: LoosePart['kind'];

  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0.1)
  @Max(40)
  thicknessMm!: number;
}
