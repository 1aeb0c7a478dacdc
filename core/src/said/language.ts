/** The languages that there are words in. */
export const languages = ['en', 'de'] as const;
export type Language = (typeof languages)[number];
