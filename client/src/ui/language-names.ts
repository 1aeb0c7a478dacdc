import type { Language } from '@cricket/core/said';

/** Each by its own name: who cannot read the page finds it all the same. */
export const languageNames: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' };
