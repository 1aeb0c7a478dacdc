import { contractOf } from './contract';
import { InputError } from './input-error';
import type { Shape } from './rule';

/**
 * Checks plain data against a contract.
 *
 * @param shape - the class whose properties are the contract
 * @param input - what came from outside
 * @returns the same data, typed
 * @throws InputError for the first field that does not hold
 *
 * @example
 * class Slot { @Amount(4, 30, 'mm') slotMm!: number }
 * readInput(Slot, { slotMm: 9999 }) // InputError: slotMm is 9999; it must be a number from 4 to 30 mm
 */
export function readInput<T extends object>(shape: Shape<T>, input: unknown): T {
  const found = contractOf(shape).shortfall(input);
  if (found) throw new InputError(found.path.join('.'), found.value, found.allowed);
  return input as T;
}

/** Everything that does not hold, one error for each field. */
export function inputErrors(shape: Shape, input: unknown): InputError[] {
  return contractOf(shape)
    .shortfalls(input)
    .map(({ path, value, allowed }) => new InputError(path.join('.'), value, allowed));
}

/** The contract as JSON Schema. */
export function jsonSchema(shape: Shape): object {
  return { ...contractOf(shape).jsonSchema(), $schema: 'http://json-schema.org/draft-07/schema#' };
}
