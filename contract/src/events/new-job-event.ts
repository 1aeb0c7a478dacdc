import { jobEventKinds, jobEventSchemas, type JobEventKind } from '@cricket/core/job-events';
import { readInput, InputError } from '@cricket/core/input';
import {
  IsIn,
  IsISO8601,
  IsObject,
  Validate,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';

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
  const schema = jobEventSchemas[kind];
  if (!schema) return null; // `kind` itself is told to be wrong.
  try {
    readInput(schema, data);
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
  @IsISO8601({ strict: true })
  at!: string;
}
