import { Type } from 'class-transformer';
import { featureById, type End } from '@cricket/core/features';
import { instruments, type Instrument } from '@cricket/core/reading-statistics';
import {
  ArrayMaxSize,
  IsArray,
  IsDefined,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
  Validate,
  ValidateIf,
  ValidateNested,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';

import { IsMoment } from '../is-moment';

import { LoosePartEntry } from './loose-part-entry';

/** The value must be what the feature asks for: a plausible length, a known word, or parts. */
@ValidatorConstraint({ name: 'suitsFeature' })
class SuitsFeature implements ValidatorConstraintInterface {
  validate(_: unknown, { object }: ValidationArguments): boolean {
    return whyUnsuited(object as NewReading) === null;
  }

  defaultMessage({ object }: ValidationArguments): string {
    return whyUnsuited(object as NewReading) ?? '';
  }
}

/** Why a reading is not what its feature asks for; null when it is. */
export function whyUnsuited({
  feature,
  valueMm,
  word,
  parts,
}: Pick<NewReading, 'feature' | 'valueMm' | 'word' | 'parts'>): string | null {
  const known = featureById(feature);
  if (!known) return `feature is ${JSON.stringify(feature)}; no such feature is known`;
  const given = [valueMm, word, parts].filter((item) => item !== null && item !== undefined).length;
  if (given !== 1) return 'exactly one of valueMm, word and parts must be given';
  if (known.kind === 'length') {
    if (typeof valueMm !== 'number') return `${feature} needs valueMm`;
    return valueMm >= known.minMm && valueMm <= known.maxMm
      ? null
      : `valueMm is ${valueMm}; ${feature} must be from ${known.minMm} to ${known.maxMm} mm`;
  }
  if (known.kind === 'word') {
    return typeof word === 'string' && known.words.includes(word)
      ? null
      : `word is ${JSON.stringify(word ?? null)}; ${feature} must be one of ${known.words.join(', ')}`;
  }
  return Array.isArray(parts) ? null : `${feature} needs parts`;
}

/** One reading, as taken. It is never changed afterwards, only withdrawn. */
export class NewReading {
  @IsIn(['front', 'rear'])
  end!: End;

  /** @example "slot-width.left.seat" */
  @IsString()
  @Length(1, 60)
  @Validate(SuitsFeature)
  feature!: string;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(-200)
  @Max(2000)
  valueMm?: number | null;

  @IsOptional()
  @IsString()
  @Length(1, 40)
  word?: string | null;

  @ValidateIf((reading: NewReading) => reading.parts !== null && reading.parts !== undefined)
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => LoosePartEntry)
  parts?: LoosePartEntry[] | null;

  /** What was typed, before it was turned into mm. */
  @IsOptional()
  @IsString()
  @Length(0, 40)
  typed?: string | null;

  @IsOptional()
  @IsIn(['mm', 'inch'])
  unit?: 'mm' | 'inch' | null;

  @IsDefined()
  @IsIn(instruments)
  instrument!: Instrument;

  /** By the phone's clock. */
  @IsMoment()
  takenAt!: string;
}
