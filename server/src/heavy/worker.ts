import { ProblemError } from '../problem/problem';
import { inPlace, type Heavy } from './heavy';

/** An answer, or a refusal as data: an error of a class of ours would lose its class between threads. */
export type Told<T> = { answer: T } | { refusal: ConstructorParameters<typeof ProblemError> };

function told<A extends unknown[], T>(work: (...args: A) => Promise<T>) {
  return async (args: A): Promise<Told<T>> => {
    try {
      return { answer: await work(...args) };
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      return { refusal: [error.status, error.code, error.title, error.errors] };
    }
  };
}

export const summaries = told(inPlace.summaries);
export const jobSheet = told<Parameters<Heavy['jobSheet']>, Uint8Array>(inPlace.jobSheet);
export const stackCard = told(inPlace.stackCard);
export const readJobFile = told(inPlace.readJobFile);
