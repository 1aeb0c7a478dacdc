import { pageLetters } from './letters';

export interface LeaderLabel {
  /** Where the line leaves the part. */
  at: number;
  /** Middle of the text. */
  textAt: number;
  /** Rows are counted from the top. */
  row: number;
  text: string;
}

/** Room between two labels, in px. */
const between = 8;

/**
 * Spreads labels over as few rows as hold them, in the order of the parts, so that none covers another.
 *
 * @param marks - where each part stands, in px, and its text
 * @param width - of the drawing
 * @param letterPx - how wide a letter is
 */
export function leaderLabels(
  marks: readonly { at: number; text: string }[],
  width: number,
  letterPx: number = pageLetters.letterPx,
): LeaderLabel[] {
  const sorted = [...marks].sort((a, b) => a.at - b.at);
  const widths = sorted.map(({ text }) => text.length * letterPx + between);
  const rows = Math.max(1, Math.ceil(widths.reduce((sum, each) => sum + each, 0) / (width * 0.92)));
  const placed: LeaderLabel[] = [];
  for (let row = 0; row < rows; row++) {
    const mine = sorted.flatMap((mark, index) => (index % rows === row ? [{ ...mark, wide: widths[index]! }] : []));
    const middles = mine.map(({ at }) => at);
    // Push apart to the right, then back from the right edge: what is left over is spread to the left.
    let free = 0;
    mine.forEach(({ wide }, index) => {
      middles[index] = Math.max(middles[index]!, free + wide / 2);
      free = middles[index]! + wide / 2;
    });
    let edge = width;
    for (let index = mine.length - 1; index >= 0; index--) {
      const { wide } = mine[index]!;
      middles[index] = Math.min(middles[index]!, edge - wide / 2);
      edge = middles[index]! - wide / 2;
    }
    mine.forEach(({ at, text }, index) => placed.push({ at, text, row, textAt: middles[index]! }));
  }
  return placed;
}
