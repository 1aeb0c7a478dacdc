import { languages, type Language } from '@cricket/core/said';
import type { Context } from 'hono';

/** The language that a request asks for: our page's own, or that of a browser whose person has not chosen yet. */
export function languageAsked(c: Context): Language {
  const asked = c.req.header('accept-language')?.toLowerCase() ?? '';
  return languages.find((language) => asked.startsWith(language)) ?? 'en';
}
