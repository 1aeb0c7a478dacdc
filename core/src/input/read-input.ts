import * as v from 'valibot';

import { InputError } from './input-error';

/**
 * Checks plain data against a calculator's schema.
 *
 * @param schema - the contract
 * @param input - what came from outside
 * @returns the same data, typed
 * @throws InputError for the first field that does not hold
 *
 * @example
 * readInput(record({ slotMm: amount(4, 30, 'mm') }), { slotMm: 9999 })
 * // InputError: slotMm is 9999; it must be a number from 4 to 30 mm
 */
export function readInput<S extends v.GenericSchema>(schema: S, input: unknown): v.InferOutput<S> {
  const result = v.safeParse(schema, input, { abortEarly: true });
  if (result.success) return result.output;
  const issue = result.issues[0];
  const path = v.getDotPath(issue) ?? '';
  throw new InputError(path, issue.input, allowed(issue));
}

function allowed(issue: v.BaseIssue<unknown>): string {
  if (issue.type !== 'strict_object') return issue.message;
  if (issue.expected === 'never') return 'left out: no such field is known';
  if (issue.expected === 'Object') return 'an object';
  return 'given';
}
