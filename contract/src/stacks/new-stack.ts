import type { End } from '@cricket/core/features';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';

import { IsMoment } from '../is-moment';

/** Washers of a side measured together. */
export class MeasuredSides {
  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0)
  @Max(60)
  left?: number;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0)
  @Max(60)
  right?: number;
}

/**
 * A stack that the installer accepts. The figures are not sent: the server works them out again from the readings, and
 * refuses a stack that must not be fitted.
 */
export class NewStack {
  @IsIn(['front', 'rear'])
  end!: End;

  @IsUUID()
  wheelId!: string;

  /** Washer ids from the hub outwards. */
  @IsArray()
  @ArrayMaxSize(12)
  @IsString({ each: true })
  @Length(1, 60, { each: true })
  left!: string[];

  @IsArray()
  @ArrayMaxSize(12)
  @IsString({ each: true })
  @Length(1, 60, { each: true })
  right!: string[];

  @IsArray()
  @ArrayMaxSize(2)
  @IsNumber({ allowNaN: false, allowInfinity: false }, { each: true })
  @Min(0.05, { each: true })
  @Max(10, { each: true })
  rotorShimsMm!: number[];

  @IsArray()
  @ArrayMaxSize(2)
  @IsNumber({ allowNaN: false, allowInfinity: false }, { each: true })
  @Min(0.05, { each: true })
  @Max(10, { each: true })
  caliperShimsMm!: number[];

  /** What the washers of a side measure together, where that was measured at the stand. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => MeasuredSides)
  measuredMm?: MeasuredSides;

  @IsBoolean()
  byHand!: boolean;

  @IsMoment()
  acceptedAt!: string;
}
