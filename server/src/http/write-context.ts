import { writeIdHeader } from '@cricket/contract/routes';
import { isUUID } from 'class-validator';
import type { Context } from 'hono';

import type { WriteContext } from '../data/journal';
import { makerIn } from './guard';
import { bodyDigest } from './parse-json';
import { ProblemError } from './problem';

/** Who writes and under which write id. */
export function writeContext(c: Context): WriteContext {
  const writeId = c.req.header(writeIdHeader) ?? '';
  if (!isUUID(writeId)) {
    throw new ProblemError(400, 'invalid-input', `Every write needs the header ${writeIdHeader} with a UUID.`, [
      { path: writeIdHeader, messages: [`must be a UUID (given: ${JSON.stringify(writeId.slice(0, 60))})`] },
    ]);
  }
  const { id, name } = makerIn(c);
  return { writeId, person: name, personId: id, bodyDigest: bodyDigest(c) };
}

/** A path parameter that must be a UUID; anything else cannot exist. */
export function uuidParam(c: Context, name: string): string {
  const value = c.req.param(name) ?? '';
  if (!isUUID(value)) throw new ProblemError(404, 'not-found', 'There is no such thing.');
  // One thing has one id, however it is spelt.
  return value.toLowerCase();
}
