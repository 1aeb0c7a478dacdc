import { shownIn, toSi, unitName } from '@cricket/core/units';

import { shopUnits } from './shop-units';
import { readTyped } from './typed-number';

/** Words for a figure that does not hold: names value and range, in the shop's unit. */
export function numberRule(minimum: number, maximum: number, unit: string, required: boolean) {
  return (text: unknown): true | string => {
    const units = shopUnits();
    const name = unitName(unit, units);
    const range = `from ${shownIn(minimum, unit, units)} to ${shownIn(maximum, unit, units)}${name ? ` ${name}` : ''}`;
    const typed = readTyped(String(text ?? ''));
    if (typed.kind === 'empty') return required ? `Enter a figure ${range}.` : true;
    if (typed.kind === 'unreadable')
      return typed.why === 'letters'
        ? `"${String(text)}" is not a figure; enter one ${range}.`
        : `"${String(text)}" has two decimal points; enter a figure ${range}.`;
    const value = toSi(typed.value, unit, units);
    return value >= minimum && value <= maximum ? true : `${typed.value} is out of range; enter a figure ${range}.`;
  };
}

/** The figure that was typed, in the unit it is stored in; null where nothing was typed. */
export function typedFigure(text: string | null | undefined, unit = ''): number | null {
  const typed = readTyped(text ?? '');
  return typed.kind === 'number' ? toSi(typed.value, unit, shopUnits()) : null;
}
