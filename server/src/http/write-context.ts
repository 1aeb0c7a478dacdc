import { said } from '@cricket/core/said';
import { queuedHeader, writeIdHeader } from '@cricket/contract/routes';
import { isUUID } from 'class-validator';
import type { Context } from 'hono';

import type { WriteContext } from '../data/journal';
import { makerIn } from './guard';
import { bodyDigest } from './parse-json';
import { ProblemError } from '../problem/problem';

/** Who writes and under which write id. */
export function writeContext(c: Context): WriteContext {
  const writeId = c.req.header(writeIdHeader) ?? '';
  if (!isUUID(writeId)) {
    throw new ProblemError(400, 'invalid-input', said('problem.write-id', { header: writeIdHeader }), [
      { path: writeIdHeader, messages: [said('problem.uuid-given', { text: JSON.stringify(writeId.slice(0, 60)) })] },
    ]);
  }
  const { id, name } = makerIn(c);
  return { writeId, person: name, personId: id, bodyDigest: bodyDigest(c) };
}

/** A phone's clock may be off by this much: more than the trip of a request takes. */
const toleratedMs = 30_000;
const longestQueueMs = 366 * 24 * 3_600_000;

/**
 * When something was made: as the phone says, held to how long the entry has waited there. A phone whose clock is off by a day
 * still knows how long it kept an entry.
 *
 * @param claimed - the time in the body
 * @throws ProblemError 422 for what is no age
 */
export function madeAt(c: Context, claimed: string): Date {
  const told = c.req.header(queuedHeader);
  if (told === undefined) return new Date(claimed);
  const ageMs = /^\d{1,11}$/.test(told) ? Number(told) : Infinity;
  if (ageMs > longestQueueMs) {
    throw new ProblemError(422, 'invalid-input', said('problem.queue'), [
      {
        path: queuedHeader,
        messages: [said('problem.ms-given', { most: longestQueueMs, text: JSON.stringify(told.slice(0, 40)) })],
      },
    ]);
  }
  const made = Date.now() - ageMs;
  return new Date(Math.abs(made - Date.parse(claimed)) > toleratedMs ? made : claimed);
}

/** A path parameter that must be a UUID; anything else cannot exist. */
export function uuidParam(c: Context, name: string): string {
  const value = c.req.param(name) ?? '';
  if (!isUUID(value)) throw new ProblemError(404, 'not-found', said('problem.no-such-thing'));
  // One thing has one id, however it is spelt.
  return value.toLowerCase();
}
