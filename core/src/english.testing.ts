import { inWords, speakerOf } from '@cricket/words';
import { core } from '@cricket/words/en';

/** What core says, in the words that a person reads. */
export const { say } = speakerOf('en', core);

/** The same data with every sentence in English. */
export function inEnglish<T>(value: T): T {
  return inWords(value, { say }) as T;
}
