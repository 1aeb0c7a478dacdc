import { ProblemError } from '../problem/problem';

/** An answer, or a refusal as data: an error of a class of ours would lose its class between threads. */
export type Told<T> = { answer: T } | { refusal: ConstructorParameters<typeof ProblemError> };

/** The same work, for a thread: what it refuses comes back as data. */
export function told<A extends unknown[], T>(work: (...args: A) => Promise<T>) {
  return async (args: A): Promise<Told<T>> => {
    try {
      return { answer: await work(...args) };
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      return { refusal: [error.status, error.code, error.title, error.errors] };
    }
  };
}
