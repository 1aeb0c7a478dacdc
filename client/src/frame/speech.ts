import type { Language } from '@cricket/core/said';
import type { Locale } from 'date-fns/locale';
import { speakerOf, type Messages } from '@cricket/words';

import { languageHere } from '../data/own-language';
import { nameDaysAs } from '../ui/date-text';
import { speakAs, spokenNow } from '../ui/say';

interface Catalogue {
  core: Messages;
  page: Messages;
  days?: Locale;
}

/** One language is fetched, before anything is shown: no page says anything without it. */
const catalogues: Record<Language, () => Promise<Catalogue>> = {
  en: () => together(import('@cricket/words/en'), import('@cricket/words/en/page')),
  de: () => together(import('@cricket/words/de'), import('@cricket/words/de/page'), germanDays()),
};

async function together(...parts: Promise<Partial<Catalogue>>[]): Promise<Catalogue> {
  return Object.assign({}, ...(await Promise.all(parts))) as Catalogue;
}

async function germanDays() {
  return { days: (await import('date-fns/locale/de')).de };
}

/** From when it is done the page speaks as who is here is spoken to. */
export async function learnToSpeak(): Promise<void> {
  const language = languageHere();
  if (language === spokenNow()) return;
  const { core, page, days } = await catalogues[language]();
  speakAs(speakerOf(language, core, page));
  nameDaysAs(days);
  document.documentElement.lang = language;
}
