import { shownIn, toSi } from '@cricket/core/units';

import { shopUnits } from './shop-units';
import { readTyped, type Unreadable } from './typed-number';
import { phrase } from './say';
import { unitWord } from './unit-word';

/** Words for a figure that does not hold: names value and range, in the shop's unit. */
export function numberRule(minimum: number, maximum: number, unit: string, required: boolean) {
  return (text: unknown): true | string => {
    const units = shopUnits();
    const name = unitWord(unit, units);
    const range = phrase('ui.number-rule.numberRule.range-from', {
      minimum: shownIn(minimum, unit, units),
      maximum: shownIn(maximum, unit, units),
      namePart: name ? phrase('ui.number-rule.numberRule.range-from-text', { name }) : '',
    });
    const given = String(text ?? '').trim();
    const typed = readTyped(given);
    if (typed.kind === 'empty') return required ? phrase('ui.number-rule.numberRule-enter-figure', { range }) : true;
    if (typed.kind === 'unreadable')
      return unreadableWords(given, typed.why, phrase('ui.number-rule.numberRule-enter-one', { range }));
    const value = toSi(typed.value, unit, units);
    return value >= minimum && value <= maximum
      ? true
      : phrase('ui.number-rule.numberRule-out-range-enter', { value: typed.value, range });
  };
}

/** Why what was typed is not taken, and what to do. */
export function unreadableWords(text: string, why: Unreadable, instead: string): string {
  if (why === 'letters') return phrase('ui.number-rule.unreadableWords-not-figure', { text, instead });
  if (why === 'two-points') return phrase('ui.number-rule.unreadableWords-has-two-decimal', { text, instead });
  const [whole, decimals] = text.split(/[.,]/) as [string, string];
  const asThousands = `${whole}${decimals}`;
  return phrase('ui.number-rule.unreadableWords-may-be-or', { text, asThousands, whole });
}

/** The figure that was typed, in the unit it is stored in; null where nothing was typed. */
export function typedFigure(text: string | null | undefined, unit = ''): number | null {
  const typed = readTyped(text ?? '');
  return typed.kind === 'number' ? toSi(typed.value, unit, shopUnits()) : null;
}
