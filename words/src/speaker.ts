import { IntlMessageFormat } from 'intl-messageformat';
import type { Language, Listed, Said, SaidParam } from '@cricket/core/said';

import { messageOf, type Messages } from './catalogue';
import { figureIn, numberFormats } from './figures';

export type Params = Readonly<Record<string, SaidParam>>;

/** Says in one language what core only names. */
export interface Speaker {
  readonly language: Language;
  /** A sentence; what an earlier version wrote down in words stays as it is. */
  say(told: Said | string): string;
  /** A message of whoever speaks: page or sheet. */
  message(code: string, params?: Params): string;
  /** A title where it stands within a sentence: German keeps its capitals, they tell what is a noun. */
  within(text: string): string;
  /** Several things in one place of a sentence. */
  list(items: readonly string[], joined?: Listed['joined']): string;
}

const joiners: Record<Language, Record<'and' | 'or', string>> = {
  en: { and: ' and ', or: ' or ' },
  de: { and: ' und ', or: ' oder ' },
};
const between = { comma: ', ', semicolon: '; ', sentences: ' ', none: '' } as const;

type Asked = (params: Params) => string;

/**
 * @param core - the words for what core says
 * @param own - messages of whoever speaks: of the page, of the sheets
 * @example speakerOf('en', core).say({ said: 'as-written', with: { text: 'hm' } }) // 'hm'
 */
export function speakerOf(language: Language, core: Messages, own: Messages = {}): Speaker {
  const said = remembered(core);
  const message = remembered(own);

  function remembered(messages: Messages): (code: string, params?: Params) => string {
    const known = new Map<string, Asked>();
    return (code, params = {}) => {
      let asked = known.get(code);
      if (!asked) {
        asked = compiled(messages, code);
        known.set(code, asked);
      }
      return asked(params);
    };
  }

  function compiled(messages: Messages, code: string): Asked {
    const text = messageOf(messages, code);
    // From a later version's file: told as it is named, rather than not at all.
    if (text === null) return () => `⟨${code}⟩`;
    if (!/[{}']/.test(text)) return () => text;
    const format = new IntlMessageFormat(
      text,
      language,
      { number: numberFormats as never },
      { ignoreTag: true, formatters },
    );
    const names = argumentsOf(format.getAst());
    return (params) => {
      const values = Object.fromEntries(names.map((name) => [name, valueOf(name, params)]));
      return String(format.format(values));
    };
  }

  /** `what` as it is; `What` with a capital, as a sentence begins; `what_lower` without; `what_key` as a select names it. */
  function valueOf(name: string, params: Params): string | number {
    if (Object.hasOwn(params, name)) return told(params[name]!);
    const [base = '', way] = name.split('_');
    const own = base.charAt(0).toLowerCase() + base.slice(1);
    const value = Object.hasOwn(params, own) ? String(told(params[own]!)) : '';
    if (way === 'lower') return within(value);
    if (way === 'key') return value.replaceAll('-', '_');
    return value.charAt(0).toUpperCase() + value.slice(1);
  }

  function told(param: SaidParam): string | number {
    if (typeof param !== 'object') return param;
    if ('said' in param) return say(param);
    return list(
      param.list.map((each) => String(told(each))),
      param.joined,
    );
  }

  function list(items: readonly string[], joined: Listed['joined'] = 'and'): string {
    if (joined !== 'and' && joined !== 'or') return items.join(between[joined]);
    const [last, ...rest] = [...items].reverse();
    return rest.length === 0 ? (last ?? '') : `${rest.reverse().join(', ')}${joiners[language][joined]}${last}`;
  }

  function say(one: Said | string): string {
    return typeof one === 'string' ? one : said(one.said, one.with);
  }

  function within(text: string): string {
    if (language === 'de' || /^\p{Lu}(\p{Lu}|\d)/u.test(text)) return text;
    return text.charAt(0).toLowerCase() + text.slice(1);
  }

  return { language, say, message, within, list };
}

type Formatters = NonNullable<ConstructorParameters<typeof IntlMessageFormat>[3]>['formatters'];

/** Figures are told by `figureIn`; how many of a thing there are asks the language's own rules. */
const formatters = {
  getNumberFormat: (_: unknown, options?: { style?: string }) => ({
    format: (value: number) => figureIn(value, options?.style),
  }),
  getPluralRules: (...asked: ConstructorParameters<typeof Intl.PluralRules>) => new Intl.PluralRules(...asked),
  getDateTimeFormat: (...asked: ConstructorParameters<typeof Intl.DateTimeFormat>) => new Intl.DateTimeFormat(...asked),
} as unknown as Formatters;

interface Element {
  type: number;
  value?: unknown;
  options?: Record<string, { value: Element[] }>;
}

/** Names that a message asks for, those within its choices too. */
export function argumentsOf(elements: readonly unknown[]): string[] {
  const names = new Set<string>();
  const literal = 0;
  const pound = 7;
  for (const { type, value, options } of elements as readonly Element[]) {
    if (type !== literal && type !== pound && typeof value === 'string') names.add(value);
    for (const option of Object.values(options ?? {})) for (const name of argumentsOf(option.value)) names.add(name);
  }
  return [...names];
}
