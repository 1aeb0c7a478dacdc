/** The languages that there are words in. */
export const languages = ['en', 'de'] as const;
export type Language = (typeof languages)[number];

/** The language that a browser's own wish begins with, such as `de-AT, en`; null where there are no words in it. */
export function languageIn(wish: string | null | undefined): Language | null {
  return languages.find((language) => wish?.toLowerCase().startsWith(language)) ?? null;
}
