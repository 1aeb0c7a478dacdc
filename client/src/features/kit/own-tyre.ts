import type { BikeFacts } from '@cricket/core/bike-facts';
import type { End } from '@cricket/core/features';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

/** What stands on the side of a tyre: range and unit. */
export const sidewallFigures = {
  loadKg: { min: 20, max: 400, unit: 'kg' },
  speedKmh: { min: 10, max: 150, unit: 'km/h' },
  minBar: { min: 0.3, max: 12, unit: 'bar' },
  maxBar: { min: 0.5, max: 15, unit: 'bar' },
} as const;

export type SidewallFigure = keyof typeof sidewallFigures;
export type OwnTyreFields = Record<SidewallFigure, string>;

const names = Object.keys(sidewallFigures) as SidewallFigure[];

/** The form's fields for the bike's own tyre at this end. */
export function ownTyreFields({ tyres }: BikeFacts, end: End): OwnTyreFields {
  const known = tyres?.[end];
  return Object.fromEntries(
    names.map((name) => [name, fieldText(known?.[name], sidewallFigures[name].unit)]),
  ) as OwnTyreFields;
}

/** What stands against a figure, by name; every message names value and range. */
export function checkOwnTyre(fields: OwnTyreFields): Partial<OwnTyreFields> {
  const errors: Partial<OwnTyreFields> = {};
  for (const name of names) {
    const { min, max, unit } = sidewallFigures[name];
    const held = numberRule(min, max, unit, false)(fields[name]);
    if (held !== true) errors[name] = held;
  }
  const [least, most] = [figure(fields, 'minBar'), figure(fields, 'maxBar')];
  if (least !== null && most !== null && least > most) errors.maxBar ??= words.pressureRule;
  return errors;
}

/** The bike's tyres with what is written of this one; what is empty is not known. */
export function withOwnTyre({ tyres }: BikeFacts, end: End, fields: OwnTyreFields): NonNullable<BikeFacts['tyres']> {
  const written = names.flatMap((name) => {
    const value = figure(fields, name);
    return value === null ? [] : [[name, value] as const];
  });
  return { ...tyres, [end]: Object.fromEntries(written) };
}

function figure(fields: OwnTyreFields, name: SidewallFigure): number | null {
  return typedFigure(fields[name], sidewallFigures[name].unit);
}
