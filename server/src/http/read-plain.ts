import type { InputError, Shape } from '@cricket/core/input';
import type { Context } from 'hono';

import { parseJson } from './parse-json';
import { holdContract, holdNone } from '../plain/hold-contract';

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
