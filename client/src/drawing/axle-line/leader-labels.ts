export interface LeaderLabel {
  /** Where the line leaves the part. */
  at: number;
  /** Where the text stands. */
  textAt: number;
  /** Rows are counted from the bottom. */
  row: number;
  text: string;
  anchor: 'start' | 'middle' | 'end';
}

/** Width of a condensed letter, roughly, in px at size 16. */
const letter = 6.9;

/**
 * Spreads labels over rows so that none covers another: each goes into the lowest row in which its place is free.
 *
 * @param marks - where each part stands, in px, and its text
 * @param width - of the drawing
 */
export function leaderLabels(marks: readonly { at: number; text: string }[], width: number): LeaderLabel[] {
  const rows: { from: number; to: number }[][] = [];
  return [...marks]
    .sort((a, b) => a.at - b.at)
    .map(({ at, text }) => {
      const half = (text.length * letter) / 2;
      const textAt = Math.min(Math.max(at, half + 2), width - half - 2);
      const span = { from: textAt - half - 5, to: textAt + half + 5 };
      let row = rows.findIndex((taken) => taken.every(({ from, to }) => span.to < from || span.from > to));
      if (row < 0) row = rows.push([]) - 1;
      rows[row]!.push(span);
      return { at, textAt, row, text, anchor: 'middle' as const };
    });
}
