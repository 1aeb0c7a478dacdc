/** What a person typed, read as a number. */
export type Typed =
  { kind: 'empty' } | { kind: 'number'; value: number } | { kind: 'unreadable'; why: 'letters' | 'two-points' };

/**
 * Reads a typed number. A comma counts as the decimal point, as does the one of a number pad; blanks and a unit at
 * the end are left out; anything else is unreadable rather than guessed.
 *
 * @example readTyped('9,58 mm') // { kind: 'number', value: 9.58 }
 * @example readTyped('1.000,5') // { kind: 'unreadable', why: 'two-points' }
 */
export function readTyped(text: string): Typed {
  const bare = text
    .trim()
    .replace(/\s*(mm|″|")$/i, '')
    .replace(/\s/g, '')
    .replace('−', '-');
  if (bare === '') return { kind: 'empty' };
  const points = bare.match(/[.,]/g)?.length ?? 0;
  if (/^-?[\d.,]+$/.test(bare) && points > 1) return { kind: 'unreadable', why: 'two-points' };
  if (!/^-?(\d+[.,]?\d*|[.,]\d+)$/.test(bare)) return { kind: 'unreadable', why: 'letters' };
  return { kind: 'number', value: Number(bare.replace(',', '.')) };
}
