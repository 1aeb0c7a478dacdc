import type { Problem, ProblemCode } from '@cricket/contract/problem';
import type { Said } from '@cricket/core/said';
import type { Context } from 'hono';
import type { ContentfulStatusCode } from 'hono/utils/http-status';

import { languageAsked } from '../speech/asked';
import { speakers } from '../speech/speakers';

/** What is wrong with a field: said in the language of who asks. */
export interface ToldField {
  path: string;
  messages: readonly Said[];
}

/** An error with an answer: thrown anywhere, turned into `application/problem+json` in one place. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError';

  constructor(
    readonly status: ContentfulStatusCode,
    readonly code: ProblemCode,
    readonly title: Said,
    readonly errors: readonly ToldField[] = [],
    /** With a version conflict: what is stored, and what was sent. */
    readonly versions?: { current: unknown; yours: unknown },
    /** When it is worth trying again. */
    readonly retryAfterSeconds?: number,
  ) {
    super(speakers.en.say(title));
  }
}

/** Answers with a problem. */
export function answerProblem(c: Context, problem: ProblemError): Response {
  const { say } = speakers[languageAsked(c)];
  const body: Problem = {
    type: `urn:cricket:${problem.code}`,
    title: say(problem.title),
    status: problem.status,
    code: problem.code,
    errors: problem.errors.map(({ path, messages }) => ({ path, messages: messages.map(say) })),
    ...problem.versions,
  };
  return c.body(JSON.stringify(body), problem.status, {
    'content-type': 'application/problem+json',
    ...(problem.status === 503 && { 'retry-after': '2' }),
    ...(problem.retryAfterSeconds && { 'retry-after': String(problem.retryAfterSeconds) }),
  });
}
