import { personHeader, writeIdHeader } from '@cricket/contract/routes';
import { isUUID } from 'class-validator';
import type { Context } from 'hono';

import type { WriteContext } from '../data/journal';
import { ProblemError } from './problem';

/** Who writes and under which write id, from the request's headers. */
export function writeContext(c: Context): WriteContext {
  const writeId = c.req.header(writeIdHeader) ?? '';
  if (!isUUID(writeId)) {
    throw new ProblemError(400, 'invalid-input', `Every write needs the header ${writeIdHeader} with a UUID.`, [
      { path: writeIdHeader, messages: [`must be a UUID (given: ${JSON.stringify(writeId.slice(0, 60))})`] },
    ]);
  }
  return { writeId, person: person(c.req.header(personHeader)) };
}

/** A path parameter that must be a UUID; anything else cannot exist. */
export function uuidParam(c: Context, name: string): string {
  const value = c.req.param(name) ?? '';
  if (!isUUID(value)) throw new ProblemError(404, 'not-found', 'There is no such thing.');
  return value;
}

function person(header: string | undefined): string {
  let name = header ?? '';
  try {
    name = decodeURIComponent(name);
  } catch {
    throw new ProblemError(400, 'invalid-input', 'The person’s name cannot be read.', [
      { path: personHeader, messages: ['must be percent-encoded UTF-8'] },
    ]);
  }
  const trimmed = name.trim();
  if (trimmed.length > 80) {
    throw new ProblemError(400, 'invalid-input', 'The person’s name is too long.', [
      { path: personHeader, messages: ['must be at most 80 characters'] },
    ]);
  }
  return trimmed || 'Installer';
}
