import { speakerOf, type Language, type Messages } from '@cricket/words';

import { speakAs } from '../ui/say';

interface Catalogue {
  core: Messages;
  page: Messages;
}

/** One language is fetched, before anything is shown: no page says anything without it. */
const catalogues: Record<Language, () => Promise<Catalogue>> = {
  en: () => together(import('@cricket/words/en'), import('@cricket/words/en/page')),
  de: () => together(import('@cricket/words/de'), import('@cricket/words/de/page')),
};

async function together(core: Promise<Pick<Catalogue, 'core'>>, page: Promise<Pick<Catalogue, 'page'>>) {
  return { ...(await core), ...(await page) };
}

/** From when it is done the page speaks. */
export async function learnToSpeak(language: Language): Promise<void> {
  const { core, page } = await catalogues[language]();
  speakAs(speakerOf(language, core, page));
}
