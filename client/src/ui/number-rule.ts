import { shownIn, toSi, unitName } from '@cricket/core/units';

import { shopUnits } from './shop-units';
import { readTyped, type Unreadable } from './typed-number';

/** Words for a figure that does not hold: names value and range, in the shop's unit. */
export function numberRule(minimum: number, maximum: number, unit: string, required: boolean) {
  return (text: unknown): true | string => {
    const units = shopUnits();
    const name = unitName(unit, units);
    const range = `from ${shownIn(minimum, unit, units)} to ${shownIn(maximum, unit, units)}${name ? ` ${name}` : ''}`;
    const given = String(text ?? '').trim();
    const typed = readTyped(given);
    if (typed.kind === 'empty') return required ? `Enter a figure ${range}.` : true;
    if (typed.kind === 'unreadable') return unreadableWords(given, typed.why, `enter one ${range}`);
    const value = toSi(typed.value, unit, units);
    return value >= minimum && value <= maximum ? true : `${typed.value} is out of range; enter a figure ${range}.`;
  };
}

/** Why what was typed is not taken, and what to do. */
export function unreadableWords(text: string, why: Unreadable, instead: string): string {
  if (why === 'letters') return `"${text}" is not a figure; ${instead}.`;
  if (why === 'two-points') return `"${text}" has two decimal points; ${instead}.`;
  const [whole, decimals] = text.split(/[.,]/) as [string, string];
  const asThousands = `${whole}${decimals}`;
  return `"${text}" may be ${asThousands}, or ${whole} with decimals: write ${asThousands}, or two decimals at most.`;
}

/** The figure that was typed, in the unit it is stored in; null where nothing was typed. */
export function typedFigure(text: string | null | undefined, unit = ''): number | null {
  const typed = readTyped(text ?? '');
  return typed.kind === 'number' ? toSi(typed.value, unit, shopUnits()) : null;
}
