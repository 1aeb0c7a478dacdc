import type { DecimalMark } from '@cricket/core/units';

import { shopMark } from './shop-units';

/** Why what was typed is no figure, or may be two. */
export type Unreadable = 'letters' | 'two-points' | 'thousands';

/** What a person typed, read as a number. */
export type Typed = { kind: 'empty' } | { kind: 'number'; value: number } | { kind: 'unreadable'; why: Unreadable };

/**
 * Reads a typed number. Comma and point both stand before decimals, since a number pad has only one of them; what may be
 * thousands is not guessed at, unless the shop itself writes decimals so. Blanks and a unit at the end are left out; anything
 * else is unreadable.
 *
 * @param mark - what the shop writes before decimals
 * @example readTyped('9,58 mm') // { kind: 'number', value: 9.58 }
 * @example readTyped('1.000,5') // { kind: 'unreadable', why: 'two-points' }
 * @example readTyped('1,001', '.') // { kind: 'unreadable', why: 'thousands' }
 */
export function readTyped(text: string, mark: DecimalMark = shopMark()): Typed {
  const bare = text
    .trim()
    .replace(/\s*(mm|″|")$/i, '')
    .replace(/\s/g, '')
    .replace('−', '-');
  if (bare === '') return { kind: 'empty' };
  const points = bare.match(/[.,]/g)?.length ?? 0;
  if (/^-?[\d.,]+$/.test(bare) && points > 1) return { kind: 'unreadable', why: 'two-points' };
  if (!/^-?(\d+[.,]?\d*|[.,]\d+)$/.test(bare)) return { kind: 'unreadable', why: 'letters' };
  const [, other] = /^-?[1-9]\d{0,2}([.,])\d{3}$/.exec(bare) ?? [];
  if (other !== undefined && other !== mark) return { kind: 'unreadable', why: 'thousands' };
  return { kind: 'number', value: Number(bare.replace(',', '.')) };
}
