import type { ProblemField } from '@cricket/contract/problem';
import { plainToInstance } from 'class-transformer';
import { validate, type ValidationError } from 'class-validator';
import type { Context } from 'hono';

import { parseJson } from './parse-json';
import { ProblemError } from './problem';

/**
 * Reads and validates a JSON body.
 *
 * @param c - the request
 * @param shape - DTO class; unknown fields are errors
 * @throws ProblemError 400 for what is not JSON, 422 with every field that does not hold
 *
 * @example const bike = await readBody(c, NewBike);
 */
export async function readBody<T extends object>(c: Context, shape: new () => T): Promise<T> {
  const plain = await parseJson(c);
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    throw new ProblemError(422, 'invalid-input', 'The request must be one JSON object.');
  }
  const instance = plainToInstance(shape, plain as object);
  const errors = await validate(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    validationError: { target: false },
  });
  if (errors.length > 0) {
    throw new ProblemError(
      422,
      'invalid-input',
      'Some fields do not hold.',
      errors.flatMap((error) => fields(error, '')),
    );
  }
  return instance;
}

function fields(error: ValidationError, above: string): ProblemField[] {
  const path = above ? `${above}.${error.property}` : error.property;
  const messages = Object.values(error.constraints ?? {}).map((message) => withValue(message, error.value));
  const here = messages.length > 0 ? [{ path, messages }] : [];
  return [...here, ...(error.children ?? []).flatMap((child) => fields(child, path))];
}

function withValue(message: string, value: unknown): string {
  if (value === undefined || typeof value === 'object') return message;
  const shown = JSON.stringify(value);
  return message.includes(shown) ? message : `${message} (given: ${shown.slice(0, 60)})`;
}
