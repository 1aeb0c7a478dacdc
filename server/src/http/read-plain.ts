import { InputError, readInput } from '@cricket/core/input';
import type { Context } from 'hono';
import type { GenericSchema, InferOutput } from 'valibot';

import { parseJson } from './parse-json';
import { ProblemError } from './problem';

/**
 * Reads a JSON body whose contract is one of the core's schemas.
 *
 * @throws ProblemError 400 for what is not JSON, 422 with the field, its value and its range
 */
export async function readPlain<S extends GenericSchema>(c: Context, schema: S): Promise<InferOutput<S>> {
  return holdSchema(await parseJson(c), schema);
}

/** @throws ProblemError 422 with the field, its value and its range */
export function holdSchema<S extends GenericSchema>(plain: unknown, schema: S): InferOutput<S> {
  try {
    return readInput(schema, plain);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw new ProblemError(422, 'invalid-input', 'Some fields do not hold.', [
      { path: error.path, messages: [error.message] },
    ]);
  }
}
