import { inputErrors, type InputError, type Shape } from '@cricket/core/input';
import type { Context } from 'hono';

import { parseJson } from './parse-json';
import { ProblemError } from './problem';

/**
 * Reads a JSON body that is held to a contract.
 *
 * @param together - what else must hold of a body whose fields hold each by itself
 * @throws ProblemError 400 for what is not JSON, 422 with every field that does not hold, its value and its range
 *
 * @example const bike = await readPlain(c, NewBike);
 */
export async function readPlain<T extends object>(
  c: Context,
  shape: Shape<T>,
  together: (body: T) => InputError | readonly InputError[] | null = () => null,
): Promise<T> {
  const body = holdContract(await parseJson(c), shape);
  holdNone([together(body) ?? []].flat());
  return body;
}

/** @throws ProblemError 422 with every field that does not hold, its value and its range */
export function holdContract<T extends object>(plain: unknown, shape: Shape<T>): T {
  holdNone(inputErrors(shape, plain));
  return plain as T;
}

function holdNone(errors: readonly InputError[]): void {
  if (errors.length === 0) return;
  throw new ProblemError(
    422,
    'invalid-input',
    'Some fields do not hold.',
    errors.map(({ path, message }) => ({ path, messages: [message] })),
  );
}
