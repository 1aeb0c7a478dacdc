import { IsOptional, IsString, Length } from 'class-validator';

/** Takes something back without deleting it. */
export class Withdrawal {
  @IsOptional()
  @IsString()
  @Length(0, 200)
  because?: string;
}
