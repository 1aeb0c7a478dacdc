import { InputError, readInput } from '@cricket/core/input';
import { registerDecorator, type ValidationArguments } from 'class-validator';
import type { GenericSchema } from 'valibot';

/** Holds a nested plain value against one of the core's contracts; the message names field, value and range. */
export function HoldsPlain(schema: GenericSchema): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'holdsPlain',
      target: target.constructor,
      propertyName: String(propertyName),
      validator: {
        validate: (value: unknown) => problemWith(schema, value) === null,
        defaultMessage: ({ value, property }: ValidationArguments) => `${property}: ${problemWith(schema, value)}`,
      },
    });
}

function problemWith(schema: GenericSchema, value: unknown): string | null {
  try {
    readInput(schema, value);
    return null;
  } catch (error) {
    if (error instanceof InputError) return error.message;
    throw error;
  }
}
