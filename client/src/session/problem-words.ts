import { RefusedError } from '../data/api';
import { words } from './words';

/** What stood against a request, in lines for the screen. */
export function problemWords(error: unknown): string[] {
  if (!(error instanceof RefusedError)) return [words.unreachable];
  const { title, errors } = error.problem;
  return [title, ...errors.flatMap(({ messages }) => messages)];
}
