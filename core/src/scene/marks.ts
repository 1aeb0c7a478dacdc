import type { LeaderLabel } from './leader-labels';
import { pageLetters, type Letters } from './letters';
import type { Paint, SceneTones, Shape } from './scene';

/** How tall the strokes at both ends of a dimension are, to each side of its line, in px. */
const endPx = 6;

/** A rectangle between two corners, whichever way round, never thinner than a line that is seen. */
export function box(
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
  fill: Paint,
  { stroke = 'ink' as keyof SceneTones, strokeWidth = 1.4, leastPx = 0 } = {},
): Shape {
  const width = Math.max(leastPx, Math.abs(x2 - x1));
  const height = Math.abs(y2 - y1);
  return { shape: 'rect', x: Math.min(x1, x2), y: Math.min(y1, y2), width, height, fill, stroke, strokeWidth };
}

interface DimensionLook {
  tone?: keyof SceneTones;
  strokeWidth?: number;
  /** The figure stands above the line instead of on it, on paper. */
  above?: true;
  letters?: Letters;
}

/** A level dimension between two places, with its figure. */
export function dimension(
  from: number,
  to: number,
  y: number,
  text: string,
  { tone = 'ink', strokeWidth = 1.3, above, letters = pageLetters }: DimensionLook = {},
): Shape[] {
  const middle = (from + to) / 2;
  const line: Shape = {
    shape: 'path',
    d: `M${from} ${y}H${to}M${from} ${y - endPx}v${2 * endPx}M${to} ${y - endPx}v${2 * endPx}`,
    stroke: tone,
    strokeWidth,
    fill: 'none',
  };
  // A dimension is read from further away than a name.
  const size = (9 / 8) * letters.size;
  const figure = (at: number): Shape => ({ shape: 'text', x: middle, y: at, text, size, fill: tone });
  if (above) return [line, figure(y - 10)];
  const half = (text.length * letters.letterPx * 9) / 16 + 5;
  const under: Shape = {
    shape: 'rect',
    x: middle - half,
    y: y - size / 2,
    width: 2 * half,
    height: size,
    fill: 'paper',
  };
  return [line, under, figure(y + size / 3)];
}

/** Room for one row of names under a drawing, in px. */
export const labelRowPx = ({ size }: Letters): number => 1.25 * size;

/**
 * Names with a line to what each is of, under a drawing, in rows in which none covers another.
 *
 * @param fromY - where the line leaves the part
 * @param baseY - lower edge of the drawing
 */
export function leaders(
  labels: readonly LeaderLabel[],
  fromY: number,
  baseY: number,
  letters: Letters = pageLetters,
): Shape[] {
  const rowPx = labelRowPx(letters);
  return labels.flatMap(({ at, textAt, row, text }): Shape[] => {
    const line = baseY + rowPx + row * rowPx;
    return [
      {
        shape: 'path',
        d: `M${at} ${fromY}V${baseY - 2}L${textAt} ${line - 0.8 * letters.size}`,
        stroke: 'soft',
        strokeWidth: 0.9,
        fill: 'none',
      },
      { shape: 'text', x: textAt, y: line, text, size: letters.size, fill: 'ink' },
    ];
  });
}
