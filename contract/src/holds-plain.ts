import { InputError, readInput, type Shape } from '@cricket/core/input';
import { registerDecorator, type ValidationArguments } from 'class-validator';

/** Holds a nested plain value against one of the core's contracts; the message names field, value and range. */
export function HoldsPlain(shape: Shape): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'holdsPlain',
      target: target.constructor,
      propertyName: String(propertyName),
      constraints: [shape],
      validator: {
        validate: (value: unknown) => problemWith(shape, value) === null,
        defaultMessage: ({ value, property }: ValidationArguments) => `${property}: ${problemWith(shape, value)}`,
      },
    });
}

function problemWith(shape: Shape, value: unknown): string | null {
  try {
    readInput(shape, value);
    return null;
  } catch (error) {
    if (error instanceof InputError) return error.message;
    throw error;
  }
}
