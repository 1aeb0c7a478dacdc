import { limitTable, type LimitKey, type LimitRow, type LimitsInput } from '@cricket/core/limits';
import { materials, type Material } from '@cricket/core/materials';
import { shownIn, withMark, type Units } from '@cricket/core/units';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';
import { phrase } from '../../ui/say';

/** One editable figure: a limit, or a limit for one material. */
export interface LimitCell {
  key: LimitKey;
  row: LimitRow;
  material: Material | null;
  preset: string;
}

/** Every editable figure, in the order of the table; carbon cannot be opened. */
export function limitCells(units: Units): LimitCell[] {
  const shown = (value: number, unit: string) => withMark(String(shownIn(value, unit, units)), units.decimalMark);
  return (Object.entries(limitTable) as [LimitKey, LimitRow][]).flatMap(([key, row]): LimitCell[] => {
    if (row.kind === 'material') {
      return materials
        .filter((material) => material !== 'carbon')
        .map((material) => ({ key, row, material, preset: shown(row.preset[material], row.unit) }));
    }
    return [
      {
        key,
        row,
        material: null,
        preset: row.kind === 'sizes' ? sizesText(row.preset) : shown(row.preset, row.unit),
      },
    ];
  });
}

export const cellId = ({ key, material }: Pick<LimitCell, 'key' | 'material'>): string =>
  material ? `${key}.${material}` : key;

/** The workshop's own figure as text; empty for the default. */
export function ownText(own: LimitsInput, { key, row, material }: LimitCell): string {
  const value = own[key] as number | number[] | Partial<Record<Material, number>> | undefined;
  if (value === undefined) return '';
  if (Array.isArray(value)) return sizesText(value);
  if (typeof value === 'object') return material ? fieldText(value[material], row.unit) : '';
  return fieldText(value, row.unit);
}

/** What is wrong with a typed figure; null when it holds or is empty. */
export function cellError({ row }: LimitCell, text: string): string | null {
  if (text.trim() === '') return null;
  if (row.kind === 'sizes') {
    const sizes = readSizes(text);
    const range = phrase('limits.limit-values.cellError.range-from', { min: row.min, max: row.max, unit: row.unit });
    return sizes && sizes.every((size) => size >= row.min && size <= row.max) ? null : words.badSizes(text, range);
  }
  const held = numberRule(row.min, row.max, row.unit, false)(text);
  if (held !== true) return held;
  const whole = row.kind === 'number' && row.whole === true;
  return whole && !Number.isInteger(typedFigure(text))
    ? phrase('limits.limit-values.cellError-not-whole-number', { text })
    : null;
}

/** The workshop's limits from what is typed; empty fields fall back to the default. */
export function limitsFrom(cells: readonly LimitCell[], texts: Record<string, string>): LimitsInput {
  const own: Record<string, unknown> = {};
  for (const cell of cells) {
    const text = texts[cellId(cell)]?.trim() ?? '';
    if (text === '') continue;
    if (cell.material)
      own[cell.key] = { ...(own[cell.key] as object | undefined), [cell.material]: typedFigure(text, cell.row.unit) };
    else own[cell.key] = cell.row.kind === 'sizes' ? readSizes(text) : typedFigure(text, cell.row.unit);
  }
  return own as LimitsInput;
}

/** A semicolon or a blank stands between sizes: a comma may be that of decimals. */
function readSizes(text: string): number[] | null {
  const sizes = text
    .split(/[;\s]+/)
    .filter((part) => part !== '')
    .map((part) => typedFigure(part));
  return sizes.length > 0 && sizes.every((size) => size !== null) ? sizes : null;
}

function sizesText(sizes: readonly number[]): string {
  return sizes.map((size) => fieldText(size)).join('; ');
}
