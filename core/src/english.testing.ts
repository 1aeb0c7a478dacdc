import { inWords, speakerOf } from '@cricket/words';
import { en } from '@cricket/words/en';

/** What core says, in the words that a person reads. */
export const { say } = speakerOf('en', en);

/** The same data with every sentence in English. */
export function inEnglish<T>(value: T): T {
  return inWords(value, { say }) as T;
}
