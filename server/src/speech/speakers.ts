import type { Said, Language } from '@cricket/core/said';
import { speakerOf, type Speaker } from '@cricket/words';
import { core as german } from '@cricket/words/de';
import { sheet as germanSheet } from '@cricket/words/de/sheet';
import { core as english } from '@cricket/words/en';
import { sheet as englishSheet } from '@cricket/words/en/sheet';

/** Who says what is sent, and what is printed, in each language. */
export const speakers: Record<Language, Speaker> = {
  en: speakerOf('en', english, englishSheet),
  de: speakerOf('de', german, germanSheet),
};

/** What the server says where nobody has named a language. */
export function say(told: Said | string): string {
  return speakers.en.say(told);
}
