import { said } from '@cricket/core/said';
import type { MiddlewareHandler } from 'hono';

import { isLoopback, type Config } from '../config';
import { answerProblem, ProblemError } from '../problem/problem';

/**
 * Answers only under names of this machine: a page elsewhere whose name is made to point here must not take over an empty
 * shop.
 */
export function hostCheck({ host, publicHosts }: Pick<Config, 'host' | 'publicHosts'>): MiddlewareHandler {
  const allowed = new Set([host, ...publicHosts]);
  return async (c, next) => {
    const asked = nameIn(c.req.header('host') ?? new URL(c.req.url).host);
    if (asked !== null && (isLoopback(asked) || allowed.has(asked))) return next();
    const title = said('problem.host');
    return answerProblem(c, new ProblemError(421, 'host-refused', title));
  };
}

/** The name without port and brackets; null when it is none. */
function nameIn(host: string): string | null {
  try {
    return new URL(`http://${host}`).hostname.replace(/^\[|\]$/g, '');
  } catch {
    return null;
  }
}
