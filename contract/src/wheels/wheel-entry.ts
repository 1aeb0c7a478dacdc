import type { End, Side } from '@cricket/core/features';
import { KitFacts } from '@cricket/core/kit';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';

import { NotBlank } from '../not-blank';

import { HoldsPlain } from '../holds-plain';
import { LoosePartEntry } from '../readings/loose-part-entry';

const finite = { allowNaN: false, allowInfinity: false };

export class WheelAxleEntry {
  @IsNumber(finite) @Min(8) @Max(20) threadMm!: number;
  @IsNumber(finite) @Min(5) @Max(18) flatsMm!: number;
  @IsNumber(finite) @Min(5) @Max(120) leftMm!: number;
  @IsNumber(finite) @Min(5) @Max(120) rightMm!: number;
  @IsNumber(finite) @Min(0) @Max(100) threadFromLeftMm!: number;
  @IsNumber(finite) @Min(0) @Max(100) threadFromRightMm!: number;
}

export class DeliveredEntry {
  @IsArray() @ArrayMaxSize(12) @ValidateNested({ each: true }) @Type(() => LoosePartEntry) left!: LoosePartEntry[];
  @IsArray() @ArrayMaxSize(12) @ValidateNested({ each: true }) @Type(() => LoosePartEntry) right!: LoosePartEntry[];
}

/** A motor wheel of the catalogue: new (version 0), or changed (the version that was read). */
export class WheelEntry {
  @IsString() @Length(1, 20) @NotBlank() code!: string;
  @IsIn(['front', 'rear']) soldFor!: End;
  @IsIn(['geared', 'direct']) drive!: 'geared' | 'direct';
  @IsBoolean() regen!: boolean;
  @IsObject() @ValidateNested() @Type(() => WheelAxleEntry) axle!: WheelAxleEntry;
  @IsNumber(finite) @Min(40) @Max(200) shoulderWidthMm!: number;
  @IsNumber(finite) @Min(-40) @Max(40) rimOffsetMm!: number;
  @IsOptional() @IsNumber(finite) @Min(-40) @Max(80) rotorFaceMm!: number | null;
  @IsOptional() @IsNumber(finite) @Min(-60) @Max(60) smallSprocketMm!: number | null;
  @IsNumber(finite) @Min(3) @Max(30) nutMm!: number;
  @IsNumber(finite) @Min(10) @Max(50) nutFlangeMm!: number;
  @IsNumber(finite) @Min(60) @Max(320) coverDiameterMm!: number;
  @IsNumber(finite) @Min(20) @Max(160) coverWidthMm!: number;
  @IsOptional() @IsNumber(finite) @Min(100) @Max(260) rotorDiameterMm!: number | null;
  @IsIn(['left', 'right']) cableExit!: Side;
  @IsIn(['arrow', 'notch', 'none']) downMark!: 'arrow' | 'notch' | 'none';
  @IsNumber(finite) @Min(200) @Max(700) beadSeatMm!: number;
  @IsObject() @ValidateNested() @Type(() => DeliveredEntry) delivered!: DeliveredEntry;
  /** Everything else of the kit; checked against the core's contract. */
  @IsOptional() @HoldsPlain(KitFacts) kit?: KitFacts | null;
  @IsString() @Length(0, 400) note!: string;
  @IsInt() @Min(0) version!: number;
}
