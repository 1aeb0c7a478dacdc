import { jobEventKinds, jobEventShapes, type JobEventKind } from '@cricket/core/job-events';
import { InputError, readInput, type Shape } from '@cricket/core/input';
import {
  IsIn,
  IsObject,
  Validate,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';

import { IsMoment } from '../is-moment';

/** What an event says must suit its kind. */
@ValidatorConstraint({ name: 'suitsKind' })
class SuitsKind implements ValidatorConstraintInterface {
  validate(data: unknown, { object }: ValidationArguments): boolean {
    return whyUnsuited((object as NewJobEvent).kind, data) === null;
  }

  defaultMessage({ object, value }: ValidationArguments): string {
    return whyUnsuited((object as NewJobEvent).kind, value) ?? '';
  }
}

function whyUnsuited(kind: JobEventKind, data: unknown): string | null {
  // `kind` itself is told to be wrong.
  if (!Object.hasOwn(jobEventShapes, kind)) return null;
  const shape: Shape = jobEventShapes[kind];
  try {
    readInput(shape, data);
    return null;
  } catch (error) {
    if (error instanceof InputError) return error.message;
    throw error;
  }
}

/** Something that happened to a job. It is never changed afterwards, only withdrawn. */
export class NewJobEvent {
  @IsIn(jobEventKinds)
  kind!: JobEventKind;

  /** Its shape goes by the kind. */
  @IsObject()
  @Validate(SuitsKind)
  data!: object;

  /** By the phone's clock. */
  @IsMoment()
  at!: string;
}
