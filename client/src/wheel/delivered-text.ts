import type { LoosePart } from '@cricket/core/parts';

/**
 * Reads washers as typed: thicknesses in mm from the hub outwards, "tab" before a tabbed one.
 *
 * @returns the parts, or the piece that is not understood
 * @example readDelivered('1.5, tab 2.5') // { parts: [{ kind: 'plain', thicknessMm: 1.5 }, { kind: 'tabbed', thicknessMm: 2.5 }] }
 */
export function readDelivered(text: string): { parts: LoosePart[] } | { unreadable: string } {
  const parts: LoosePart[] = [];
  for (const piece of text
    .split(/[,;]/)
    .map((item) => item.trim())
    .filter(Boolean)) {
    const match = /^(tab\s+)?(\d+(?:\.\d+)?)$/.exec(piece);
    const thicknessMm = Number(match?.[2]);
    if (!match || thicknessMm < 0.1 || thicknessMm > 40) return { unreadable: piece };
    parts.push({ kind: match[1] ? 'tabbed' : 'plain', thicknessMm });
  }
  return { parts };
}

/** The same text from parts. */
export function deliveredText(parts: readonly LoosePart[]): string {
  return parts.map(({ kind, thicknessMm }) => `${kind === 'tabbed' ? 'tab ' : ''}${thicknessMm}`).join(', ');
}
