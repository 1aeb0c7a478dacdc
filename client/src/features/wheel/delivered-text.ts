import type { LoosePart } from '@cricket/core/parts';

import { fieldText } from '../../ui/shop-units';
import { phrase } from '../../ui/say';
import { readTyped } from '../../ui/typed-number';
import { oneOfWords } from '../../ui/word-pattern';

/** What stands before a tabbed washer. */
const tabWord = phrase('wheel.delivered-text.tab');
const pattern = new RegExp(`^(${oneOfWords([tabWord])}\\s+)?(\\d\\S*)(?:\\s*mm)?$`, 'iu');

/**
 * Reads washers as typed: thicknesses in mm from the hub outwards, a word ("tab") before a tabbed one. A semicolon stands between two
 * of them: a comma may be that of decimals, and two washers are not one.
 *
 * @returns the parts, or the piece that is not understood
 * @example readDelivered('1.5; tab 2.5') // { parts: [{ kind: 'plain', thicknessMm: 1.5 }, { kind: 'tabbed', thicknessMm: 2.5 }] }
 */
export function readDelivered(text: string): { parts: LoosePart[] } | { unreadable: string } {
  const parts: LoosePart[] = [];
  for (const piece of text
    .split(/[;\n]/)
    .map((item) => item.trim())
    .filter(Boolean)) {
    const [, tab, figure] = pattern.exec(piece) ?? [];
    const typed = readTyped(figure ?? '');
    if (typed.kind !== 'number' || typed.value < 0.1 || typed.value > 40) return { unreadable: piece };
    parts.push({ kind: tab ? 'tabbed' : 'plain', thicknessMm: typed.value });
  }
  return { parts };
}

/** The same text from parts. */
export function deliveredText(parts: readonly LoosePart[]): string {
  return parts
    .map(({ kind, thicknessMm }) => `${kind === 'tabbed' ? `${tabWord} ` : ''}${fieldText(thicknessMm)}`)
    .join('; ');
}
