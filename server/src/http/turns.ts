import { said } from '@cricket/core/said';
import type { MiddlewareHandler } from 'hono';
import pLimit from 'p-limit';

import { answerProblem, ProblemError } from '../problem/problem';

/** More than this many wait for nothing: they are told to come again. */
const mostWaiting = 40;

/**
 * Lets in only so many at a time: the bodies of the others stay where they are, in the network, until it is their turn.
 *
 * @param atOnce - how many bodies of this size the server's memory is for
 * @param inner - what follows in its turn
 */
export function inTurns(atOnce: number, inner: MiddlewareHandler): MiddlewareHandler {
  const turns = pLimit(atOnce);
  return async (c, next) => {
    // Nothing is sent along with a question.
    if (c.req.method === 'GET') return inner(c, next);
    if (turns.pendingCount >= mostWaiting) {
      return answerProblem(c, new ProblemError(503, 'unavailable', said('problem.too-much')));
    }
    return turns(() => inner(c, next));
  };
}
