/** What a sentence is told with: figures, codes of the field, other sentences, and lists of them. */
export type SaidParam = string | number | Said | Listed;

/**
 * A sentence as its code and figures: what is to be said. The words for it, in each language, stand in `words/`, and nothing
 * here reads them.
 */
export interface Said {
  readonly said: string;
  readonly with?: Readonly<Record<string, SaidParam>>;
}

/** Several things in one place of a sentence. */
export interface Listed {
  readonly list: readonly SaidParam[];
  readonly joined: 'and' | 'or' | 'comma' | 'semicolon' | 'sentences' | 'none';
}

/**
 * @example said('slot-fit.flats-go-in', { slotMm: 10.1, flatsMm: 10 })
 */
export function said(code: string, params?: Readonly<Record<string, SaidParam>>): Said {
  return params ? { said: code, with: params } : { said: code };
}

/** What somebody wrote in his own words, or what a part is called: the same in each language. */
export function asWritten(text: string): Said {
  return said('as-written', { text });
}

/** What an earlier version wrote down in words is told as it was written. */
export function saidAgain(words: Said | string): Said {
  return typeof words === 'string' ? asWritten(words) : words;
}

/** Several things in one place of a sentence, `a, b and c` unless told otherwise. */
export function listed(list: readonly SaidParam[], joined: Listed['joined'] = 'and'): Listed {
  return { list, joined };
}

/** Sentences that follow one another. */
export function sentences(list: readonly Said[]): Said {
  return list.length === 1 ? list[0]! : said('sentences', { all: listed(list, 'sentences') });
}

/** What `sentences` was made of: each by itself. */
export function saidOnes(one: Said): readonly Said[] {
  const all = one.said === 'sentences' ? one.with?.all : undefined;
  return typeof all === 'object' && 'list' in all ? (all.list as readonly Said[]) : [one];
}

/** Whether a value is something to be said. */
export function isSaid(value: unknown): value is Said {
  return typeof value === 'object' && value !== null && typeof (value as Partial<Said>).said === 'string';
}

/** Two that are said alike have the same key. */
export function saidKey({ said: code, with: params }: Said): string {
  return params ? `${code} ${JSON.stringify(params)}` : code;
}
