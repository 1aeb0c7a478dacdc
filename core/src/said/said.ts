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

/**
 * Whether a value from elsewhere can be said: a code, and for what it is told with nothing but texts, figures and more of the
 * kind. Which codes there are is for who speaks to know.
 */
export function canBeSaid(value: unknown): value is Said {
  if (!isSaid(value)) return false;
  const { with: params } = value as { with?: unknown };
  if (params === undefined) return true;
  return isPlain(params) && Object.values(params).every(canBeToldWith);
}

function canBeToldWith(param: unknown): param is SaidParam {
  if (typeof param === 'string' || typeof param === 'number') return true;
  if (!isPlain(param)) return false;
  if (!('list' in param)) return canBeSaid(param);
  const { list, joined } = param;
  return Array.isArray(list) && list.every(canBeToldWith) && joinedBy.has(joined);
}

const joinedBy = new Set<unknown>([
  'and',
  'or',
  'comma',
  'semicolon',
  'sentences',
  'none',
] satisfies Listed['joined'][]);

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Two that are said alike have the same key. */
export function saidKey({ said: code, with: params }: Said): string {
  return params ? `${code} ${JSON.stringify(params)}` : code;
}
