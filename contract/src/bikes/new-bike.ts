import { IsIn, IsNumber, IsOptional, IsString, Length, Max, Min } from 'class-validator';

import { NotBlank } from '../not-blank';

import { bikeKinds, type BikeKind } from '../shapes';

/** What it takes to bring a bike in: a tag or a name is enough. */
export class NewBike {
  /** @example "MQ-31" */
  @IsString()
  @Length(1, 12)
  @NotBlank()
  tag!: string;

  /** @example "Bakery box bike" */
  @IsString()
  @Length(1, 80)
  @NotBlank()
  name!: string;

  @IsIn(bikeKinds)
  kind!: BikeKind;

  @IsOptional()
  @IsString()
  @Length(1, 6)
  @NotBlank()
  riderInitials?: string | null;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(200)
  @Max(700)
  beadSeatMm?: number | null;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(600)
  @Max(3000)
  wheelbaseMm?: number | null;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(250)
  @Max(1200)
  chainStayMm?: number | null;
}
