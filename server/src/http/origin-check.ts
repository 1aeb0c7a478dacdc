import { said } from '@cricket/core/said';
import type { MiddlewareHandler } from 'hono';

import { answerProblem, ProblemError } from '../problem/problem';

/**
 * Refuses writes that another page sends. A browser names the page's origin with every write; it must be the address the
 * request came to. Programs outside a browser send none and pass.
 */
export function originCheck(): MiddlewareHandler {
  return async (c, next) => {
    const origin = c.req.header('origin');
    const reads = c.req.method === 'GET' || c.req.method === 'HEAD';
    if (reads || origin === undefined || isSame(origin, c.req.header('host'))) return next();
    return answerProblem(c, new ProblemError(403, 'origin-refused', said('problem.origin')));
  };
}

function isSame(origin: string, host: string | undefined): boolean {
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}
