interface FigureStyle {
  unit: string;
  /** Most decimals that are told. */
  most: number;
  /** Told also where they are 0. */
  least?: number;
}

/** How a figure of each kind is told: `{gapMm, number, mm}`. */
const styles: Readonly<Record<string, FigureStyle>> = {
  plain: { unit: '', most: 6 },
  mm: { unit: ' mm', most: 2 },
  Nm: { unit: ' N·m', most: 1 },
  N: { unit: ' N', most: 1 },
  V: { unit: ' V', most: 2 },
  A: { unit: ' A', most: 2 },
  W: { unit: ' W', most: 1 },
  Wh: { unit: ' Wh', most: 1 },
  kg: { unit: ' kg', most: 1 },
  bar: { unit: ' bar', most: 2 },
  kmh: { unit: ' km/h', most: 1 },
  min: { unit: ' min', most: 1 },
  deg: { unit: '°', most: 2 },
  percent: { unit: ' %', most: 1 },
  fix1: { unit: '', most: 1, least: 1 },
  fix2: { unit: '', most: 2, least: 2 },
};

/** Their options, as ICU messages name them; `minimumIntegerDigits` is never used and stands for nothing. */
export const numberFormats = Object.fromEntries(Object.keys(styles).map((style) => [style, { style }]));

/**
 * A figure as messages tell it: with a point, which the workshop's own mark takes the place of, as every other figure's.
 *
 * @example figureIn(0.4700000001, 'mm') // '0.47 mm'
 */
export function figureIn(value: number, style = 'plain'): string {
  // What a file from elsewhere has left out is told as that, not as a figure.
  if (typeof value !== 'number') return String(value);
  const { unit, most, least = 0 } = styles[style] ?? styles['plain']!;
  // Strong currents and high voltages are not known to a hundredth.
  const decimals = (style === 'V' || style === 'A') && Math.abs(value) >= 10 ? 1 : most;
  const told = least > 0 ? value.toFixed(decimals) : String(Number(value.toFixed(decimals)) + 0);
  return `${told}${unit}`;
}
