import { speakerOf, type Language, type Messages } from '@cricket/words';

import { speakAs } from '../ui/say';

/** One language is fetched, before anything is shown: no page says anything without it. */
const catalogues: Partial<Record<Language, () => Promise<Messages>>> = {
  en: async () => (await import('@cricket/words/en')).en,
};

/** From when it is done the page speaks. */
export async function learnToSpeak(language: Language = 'en'): Promise<void> {
  const fetch = catalogues[language] ?? catalogues.en!;
  speakAs(speakerOf(language, await fetch()));
}
