/** Messages of one language: by namespace, and within it by the rest of their code. ICU MessageFormat. */
export type Messages = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** Where codes without a namespace stand. */
const general = 'said';

/**
 * The message with this code.
 *
 * @param code - its namespace, a dot, and its name there
 * @returns null where there is none
 */
export function messageOf(messages: Messages, code: string): string | null {
  const dot = code.indexOf('.');
  const [space, name] = dot < 0 ? [general, code] : [code.slice(0, dot), code.slice(dot + 1)];
  const found = Object.hasOwn(messages, space) ? messages[space]! : {};
  return Object.hasOwn(found, name) ? found[name]! : null;
}

/** Every code of a catalogue with its message. */
export function allMessages(messages: Messages): [code: string, message: string][] {
  return Object.entries(messages).flatMap(([space, inner]) =>
    Object.entries(inner).map(([name, message]): [string, string] => [
      space === general ? name : `${space}.${name}`,
      message,
    ]),
  );
}
