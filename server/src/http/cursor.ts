import { said } from '@cricket/core/said';
import { isUUID } from 'class-validator';

import type { Cursor } from '../data/cursor';
import { ProblemError } from '../problem/problem';

/**
 * Where an earlier page ended: time and id of its oldest row, with a comma between.
 *
 * @param text - as it stands after `?before=`; null is the first page
 * @throws ProblemError 422 where it names none
 */
export function cursorOf(text: string | undefined): Cursor | null {
  if (text === undefined) return null;
  const [at = '', id = ''] = text.split(',');
  if (!Number.isNaN(Date.parse(at)) && isUUID(id)) return { at, id };
  throw new ProblemError(422, 'invalid-input', said('problem.fields'), [
    { path: 'before', messages: [said('problem.no-cursor', { text: text.slice(0, 80) })] },
  ]);
}
