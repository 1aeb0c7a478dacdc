/** Messages of one language: by namespace, and within it by the rest of their code. ICU MessageFormat. */
export interface Messages {
  readonly [key: string]: string | Messages;
}

/** The languages that Cricket speaks. */
export const languages = ['en', 'de'] as const;
export type Language = (typeof languages)[number];

/**
 * The message with this code.
 *
 * @param code - namespace and names, with dots between
 * @returns null where there is none
 */
export function messageOf(messages: Messages, code: string): string | null {
  let at: string | Messages | undefined = messages;
  for (const name of code.split('.')) at = typeof at === 'object' && Object.hasOwn(at, name) ? at[name] : undefined;
  return typeof at === 'string' ? at : null;
}

/** Every code of a catalogue with its message. */
export function allMessages(messages: Messages, before = ''): [code: string, message: string][] {
  return Object.entries(messages).flatMap(([name, inner]): [string, string][] =>
    typeof inner === 'string' ? [[`${before}${name}`, inner]] : allMessages(inner, `${before}${name}.`),
  );
}
