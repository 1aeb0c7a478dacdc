import { inputErrors, type Shape } from '@cricket/core/input';
import type { Context } from 'hono';

import { parseJson } from './parse-json';
import { ProblemError } from './problem';

/**
 * Reads a JSON body whose contract is one of the core's.
 *
 * @throws ProblemError 400 for what is not JSON, 422 with every field that does not hold, its value and its range
 */
export async function readPlain<T extends object>(c: Context, shape: Shape<T>): Promise<T> {
  return holdContract(await parseJson(c), shape);
}

/** @throws ProblemError 422 with every field that does not hold, its value and its range */
export function holdContract<T extends object>(plain: unknown, shape: Shape<T>): T {
  const errors = inputErrors(shape, plain);
  if (errors.length > 0) {
    throw new ProblemError(
      422,
      'invalid-input',
      'Some fields do not hold.',
      errors.map(({ path, message }) => ({ path, messages: [message] })),
    );
  }
  return plain as T;
}
