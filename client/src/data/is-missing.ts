import { RefusedError } from './api';

/** Whether the server said that there is no such thing: asking again will not bring it. */
export function isMissing(error: unknown): boolean {
  return error instanceof RefusedError && error.problem.status === 404;
}
