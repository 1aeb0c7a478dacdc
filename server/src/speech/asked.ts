import { languageIn, type Language } from '@cricket/core/said';
import type { Context } from 'hono';

/** The language that a request asks for: our page's own, or that of a browser whose person has not chosen yet. */
export function languageAsked(c: Context): Language {
  return languageIn(c.req.header('accept-language')) ?? 'en';
}
