/** What a workshop may choose, the metric unit first: everything is stored and judged in that one. */
export const unitChoices = {
  length: ['mm', 'inch'],
  torque: ['N·m', 'lbf·ft'],
  speed: ['km/h', 'mph'],
  mass: ['kg', 'lb'],
  pressure: ['bar', 'psi'],
} as const;

/** What stands between a whole number and its decimals. */
export const decimalMarks = ['.', ','] as const;
export type DecimalMark = (typeof decimalMarks)[number];

/** A kind of figure that a workshop may choose the unit of. */
export type UnitKind = keyof typeof unitChoices;

/** The units in which a workshop reads and types, and how it writes its figures. */
export type Units = { [K in UnitKind]: (typeof unitChoices)[K][number] } & {
  /** A point when left out. */
  decimalMark?: DecimalMark | undefined;
};

export const defaultUnits: Units = { length: 'mm', torque: 'N·m', speed: 'km/h', mass: 'kg', pressure: 'bar' };

interface Other {
  name: string;
  /** How many of the other unit one metric unit is. */
  factor: number;
  /** Decimals that a figure in a sentence gains over those it has. */
  gains: number;
}

/** Exact by definition: 25.4 mm, 0.45359237 kg, 9.80665 m/s², 1609.344 m. */
const others = {
  torque: { metric: 'N·m', name: 'lbf·ft', factor: 1 / (0.45359237 * 9.80665 * 0.3048), gains: 1 },
  speed: { metric: 'km/h', name: 'mph', factor: 1 / 1.609344, gains: 1 },
  mass: { metric: 'kg', name: 'lb', factor: 1 / 0.45359237, gains: 0 },
  pressure: { metric: 'bar', name: 'psi', factor: 100_000 / ((0.45359237 * 9.80665) / 0.0254 ** 2), gains: -1 },
} as const satisfies Record<Exclude<UnitKind, 'length'>, Other & { metric: string }>;

const inchPerMm = 1 / 25.4;

function otherOf(unit: string, units: Units): Other | null {
  for (const [kind, other] of Object.entries(others) as [keyof typeof others, Other & { metric: string }][]) {
    if (other.metric === unit) return units[kind] === unit ? null : other;
  }
  return null;
}

/**
 * The name under which a workshop knows a metric unit. Lengths of parts stay in mm: threads, spacings and washers are
 * sold by it.
 *
 * @example unitName('kg', { ...defaultUnits, mass: 'lb' }) // 'lb'
 */
export function unitName(unit: string, units: Units): string {
  return otherOf(unit, units)?.name ?? unit;
}

/**
 * A stored figure as it stands in an entry field of this workshop: as short as it can be without losing a hundredth of
 * what is stored.
 *
 * @example shownIn(3.5, 'bar', { ...defaultUnits, pressure: 'psi' }) // 50.8
 */
export function shownIn(value: number, unit: string, units: Units): number {
  const other = otherOf(unit, units);
  if (!other) return value;
  const exact = value * other.factor;
  // A figure of more than two decimals was typed in this unit: only what was typed gives it again.
  const kept = Number(value.toFixed(2)) === value ? 2 : 6;
  const short = [0, 1, 2]
    .map((decimals) => Number(exact.toFixed(decimals)))
    .find((shown) => Number((shown / other.factor).toFixed(kept)) === Number(value.toFixed(kept)));
  return short ?? Number(exact.toFixed(3));
}

/**
 * A typed figure in the metric unit it is stored in. A figure that was only shown and kept comes back as it was.
 *
 * @example toSi(50.8, 'bar', { ...defaultUnits, pressure: 'psi' }) // 3.5
 */
export function toSi(typed: number, unit: string, units: Units): number {
  const other = otherOf(unit, units);
  if (!other) return typed;
  const exact = typed / other.factor;
  const round = [0, 1, 2]
    .map((decimals) => Number(exact.toFixed(decimals)))
    .find((metric) => shownIn(metric, unit, units) === typed);
  return round ?? Number(exact.toFixed(6));
}

const figure = String.raw`[-−]?\d+(?:\.\d+)?`;
/** One figure, or some that share a unit: "20–80", "12 to 15", "42 of 40", "1 + 2". */
const figures = String.raw`${figure}(?:\s?(?:–|-|−|to|and|or|of|\+|\/|×)\s?${figure})*`;
const metric = new RegExp(String.raw`(?<![\w.×])(${figures})(\s?)(N·m|km\/h|kg|bar|mm)(?![-\w·/²³])`, 'g');
const bare = /^(\s*|.*,\s)(N·m|km\/h|kg|bar)(\s*)$/;

/**
 * A sentence with its figures in the workshop's units. Torque, speed, mass and pressure are turned; a length keeps its mm
 * and gets inches beside it. Decimals are written after the workshop's mark.
 *
 * @example inUnits('Tighten the nuts to 40 N·m.', { ...defaultUnits, torque: 'lbf·ft' }) // 'Tighten the nuts to 29.5 lbf·ft.'
 */
export function inUnits(sentence: string, units: Units): string {
  return withMark(isMetric(units) ? sentence : inOtherUnits(sentence, units), units.decimalMark);
}

/**
 * A sentence with its decimals after this mark. Versions, dates and names with figures in them stay as they are.
 *
 * @param mark - a point when left out
 * @example withMark('M12×1.25, 40.5 N·m', ',') // 'M12×1,25, 40,5 N·m'
 */
export function withMark(sentence: string, mark: DecimalMark | undefined): string {
  return mark === ',' ? sentence.replace(decimals, '$1,$2') : sentence;
}

const decimals = /(?<![\p{L}\d_.])(\d+)\.(\d+)(?!\.?[\p{L}\d_])/gu;

function inOtherUnits(sentence: string, units: Units): string {
  const label = bare.exec(sentence);
  if (label) return `${label[1]}${unitName(label[2]!, units)}${label[3]}`;
  return sentence.replace(metric, (whole, run: string, gap: string, unit: string) => {
    if (unit === 'mm') return units.length === 'inch' ? `${whole} (${turned(run, inchPerMm, 2)} in)` : whole;
    const other = otherOf(unit, units);
    if (!other) return whole;
    // "2 × 40 N·m" are two of them: what stands before the sign is a count.
    const count = run.lastIndexOf('×') + 1;
    return `${run.slice(0, count)}${turned(run.slice(count), other.factor, other.gains)}${gap}${other.name}`;
  });
}

function turned(run: string, factor: number, gains: number): string {
  return run.replace(/\d+(?:\.(\d+))?/g, (text, decimals: string | undefined) =>
    (Number(text) * factor).toFixed(Math.max(0, (decimals?.length ?? 0) + gains)),
  );
}

function isMetric(units: Units): boolean {
  return (Object.keys(unitChoices) as UnitKind[]).every((kind) => units[kind] === defaultUnits[kind]);
}
