import { IsBase64, IsOptional, IsString, Length, Matches, MaxLength } from 'class-validator';

import { IsMoment } from '../is-moment';

import { largestPhoto } from '../shapes';

/** A photo, shrunk on the phone before it is sent. */
export class NewPhoto {
  /** @example "condition" */
  @IsString()
  @Length(1, 80)
  @Matches(/^[a-z0-9.-]+$/, { message: 'about must be of small letters, figures, dots and hyphens' })
  about!: string;

  @IsOptional()
  @IsString()
  @Length(1, 200)
  note?: string | null;

  /** JPEG, PNG or WebP. */
  @IsString()
  @MaxLength(largestPhoto)
  @IsBase64()
  picture!: string;

  /** By the phone's clock. */
  @IsMoment()
  takenAt!: string;
}
