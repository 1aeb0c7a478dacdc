import { languageIn, type Language } from '@cricket/core/said';

import { spokenNow } from '../ui/say';

const storageKey = 'cricket-language';

/** As who had this phone last is spoken to; on a new one as its browser asks. */
export function languageHere(): Language {
  return languageIn(kept()) ?? languageIn(navigator.language) ?? 'en';
}

/**
 * Speaks to somebody in their language from the next start of the page on.
 *
 * @returns whether it begins anew to speak so at once: what a page says is made when it begins
 */
export function speakNext(language: Language | undefined, now: 'at-once' | 'later'): boolean {
  if (!language) return false;
  keep(language);
  const spoken = spokenNow();
  if (now === 'later' || spoken === null || spoken === language) return false;
  // Where nothing is kept the page would begin anew for ever.
  if (kept() !== language) return false;
  window.location.reload();
  return true;
}

function kept(): string | null {
  try {
    return localStorage.getItem(storageKey);
  } catch {
    return null;
  }
}

function keep(language: Language): void {
  try {
    localStorage.setItem(storageKey, language);
  } catch {
    // A browser that keeps nothing speaks as it asks to be spoken to.
  }
}
