import type { End } from '@cricket/core/features';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsISO8601,
  IsNumber,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
} from 'class-validator';

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

  @IsBoolean()
  byHand!: boolean;

  @IsISO8601({ strict: true })
  acceptedAt!: string;
}
