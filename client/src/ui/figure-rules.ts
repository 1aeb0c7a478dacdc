import type { FieldError, FieldErrors, FieldValues, Resolver } from 'react-hook-form';

import { numberRule, typedFigure, unreadableWords } from './number-rule';
import { readTyped } from './typed-number';
import { words } from './words';

/** Range and unit of a typed figure, and whether it cannot be done without. */
export type FigureRule = readonly [minimum: number, maximum: number, unit: string, isRequired: boolean];
export type FigureRules<K extends string> = Readonly<Record<K, FigureRule>>;

/** What does not hold of typed figures, by field; what is not asked for is not looked at. */
export function figureErrors<K extends string>(
  rules: FigureRules<K>,
  values: Readonly<Record<NoInfer<K>, string>>,
  isAsked: (name: NoInfer<K>) => boolean = () => true,
): { [name in K]?: FieldError } {
  const errors: { [name in K]?: FieldError } = {};
  for (const name of Object.keys(rules) as K[]) {
    if (!isAsked(name)) continue;
    const rule: FigureRule = rules[name];
    const held = numberRule(...rule)(values[name]);
    if (held !== true) errors[name] = wrong(held);
  }
  return errors;
}

/** A field that does not hold, and why. */
export const wrong = (message: string): FieldError => ({ type: 'value', message });

/** What a form's resolver answers. */
export function resolved<T extends FieldValues>(values: T, errors: FieldErrors<T>): ReturnType<Resolver<T>> {
  return Object.keys(errors).length > 0 ? { values: {}, errors } : { values, errors: {} };
}

/** Figures in one line, with a blank, a semicolon or a comma and a blank between them. */
export const inLine = (text: string): string[] => text.split(/[;\s]+|,\s+/).filter((part) => part !== '');

/** The figures of a line, in the unit they are stored in. */
export function lineFigures(text: string, unit: string): number[] {
  return inLine(text).flatMap((part) => typedFigure(part, unit) ?? []);
}

/** Words for a line of figures that does not hold. */
export function lineRule(minimum: number, maximum: number, unit: string) {
  return (text: string): true | string => {
    for (const part of inLine(text)) {
      const typed = readTyped(part);
      if (typed.kind === 'unreadable') return unreadableWords(part, typed.why, words.figuresInLine);
      const held = numberRule(minimum, maximum, unit, true)(part);
      if (held !== true) return held;
    }
    return true;
  };
}
