import type { PackInstead } from '@cricket/core/pack-instead';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

/** Figures of another pack than the kit's: range, unit, and which it cannot do without once anything is written. */
export const packFigures = {
  cells: { min: 3, max: 30, unit: '', required: true },
  Wh: { min: 50, max: 5000, unit: 'Wh', required: true },
  massKg: { min: 0.3, max: 40, unit: 'kg', required: true },
  continuousA: { min: 1, max: 300, unit: 'A', required: false },
  cutoffVPerCell: { min: 2, max: 3.6, unit: 'V', required: false },
  chargerV: { min: 5, max: 130, unit: 'V', required: false },
  controllerMinV: { min: 5, max: 120, unit: 'V', required: false },
  controllerMaxV: { min: 5, max: 130, unit: 'V', required: false },
  length: { min: 40, max: 800, unit: 'mm', required: false },
  width: { min: 20, max: 400, unit: 'mm', required: false },
  height: { min: 20, max: 400, unit: 'mm', required: false },
  cost: { min: 0, max: 20_000, unit: '', required: false },
  leadDays: { min: 0, max: 365, unit: 'days', required: false },
} as const;

export type PackFigure = keyof typeof packFigures;

export type PackFields = Record<PackFigure, string> & {
  chemistry: PackInstead['chemistry'];
  condition: NonNullable<PackInstead['condition']> | '';
};

const names = Object.keys(packFigures) as PackFigure[];
const whole: ReadonlySet<PackFigure> = new Set(['cells', 'leadDays']);
const sides = ['length', 'width', 'height'] as const;

/** The form's fields of a pack, or empty ones. */
export function packFields(pack: PackInstead | undefined): PackFields {
  const { chemistry = 'nmc', condition = '' } = pack ?? {};
  const valueOf = (name: PackFigure) => {
    if (name === 'length' || name === 'width' || name === 'height') return pack?.sizeMm?.[name];
    return pack?.[name];
  };
  const figures = Object.fromEntries(names.map((name) => [name, fieldText(valueOf(name), packFigures[name].unit)]));
  return { ...(figures as Record<PackFigure, string>), chemistry, condition };
}

/** Whether anything of a pack is written: an empty one is recorded as not known. */
export function packWritten(fields: PackFields): boolean {
  return fields.condition !== '' || names.some((name) => fields[name].trim() !== '');
}

/** What stands against a figure, by name; every message names value and range. */
export function checkPack(fields: PackFields): Partial<Record<PackFigure, string>> {
  if (!packWritten(fields)) return {};
  const errors: Partial<Record<PackFigure, string>> = {};
  for (const name of names) {
    const { min, max, unit, required } = packFigures[name];
    const held = numberRule(min, max, unit, required)(fields[name]);
    if (held !== true) errors[name] = held;
    else if (whole.has(name) && !Number.isInteger(typedFigure(fields[name]) ?? 0)) errors[name] = words.wholeNumber;
  }
  const missing = sides.filter((side) => fields[side].trim() === '');
  if (missing.length > 0 && missing.length < 3) for (const side of missing) errors[side] ??= words.allSides;
  return errors;
}

/** The pack as it is stored; undefined where nothing is written. */
export function packOf(fields: PackFields): PackInstead | undefined {
  if (!packWritten(fields)) return undefined;
  const figure = (name: PackFigure) => typedFigure(fields[name], packFigures[name].unit);
  const known = (name: Exclude<PackFigure, (typeof sides)[number]>) => {
    const value = figure(name);
    return value === null ? {} : { [name]: value };
  };
  const [length, width, height] = sides.map(figure);
  return {
    chemistry: fields.chemistry,
    cells: figure('cells')!,
    Wh: figure('Wh')!,
    massKg: figure('massKg')!,
    ...known('continuousA'),
    ...known('cutoffVPerCell'),
    ...known('chargerV'),
    ...known('controllerMinV'),
    ...known('controllerMaxV'),
    ...known('cost'),
    ...known('leadDays'),
    ...(length != null && width != null && height != null && { sizeMm: { length, width, height } }),
    ...(fields.condition !== '' && { condition: fields.condition }),
  };
}
