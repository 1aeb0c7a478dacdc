import type { Said } from '@cricket/core/said';
import { speakerOf } from '@cricket/words';
import { core } from '@cricket/words/en';

/** What the server says where nobody has named a language. */
const english = speakerOf('en', core);

export function say(told: Said | string): string {
  return english.say(told);
}
