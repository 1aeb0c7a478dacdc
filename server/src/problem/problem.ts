import type { Problem, ProblemCode, ProblemField } from '@cricket/contract/problem';
import type { Context } from 'hono';
import type { ContentfulStatusCode } from 'hono/utils/http-status';

/** An error with an answer: thrown anywhere, turned into `application/problem+json` in one place. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError';

  constructor(
    readonly status: ContentfulStatusCode,
    readonly code: ProblemCode,
    readonly title: string,
    readonly errors: ProblemField[] = [],
    /** With a version conflict: what is stored, and what was sent. */
    readonly versions?: { current: unknown; yours: unknown },
    /** When it is worth trying again. */
    readonly retryAfterSeconds?: number,
  ) {
    super(title);
  }
}

/** Answers with a problem. */
export function answerProblem(c: Context, problem: ProblemError): Response {
  const body: Problem = {
    type: `urn:cricket:${problem.code}`,
    title: problem.title,
    status: problem.status,
    code: problem.code,
    errors: problem.errors,
    ...problem.versions,
  };
  return c.body(JSON.stringify(body), problem.status, {
    'content-type': 'application/problem+json',
    ...(problem.status === 503 && { 'retry-after': '2' }),
    ...(problem.retryAfterSeconds && { 'retry-after': String(problem.retryAfterSeconds) }),
  });
}
