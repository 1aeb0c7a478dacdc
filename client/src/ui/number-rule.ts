import { readTyped } from './typed-number';

/** Words for a figure that does not hold: names value and range. */
export function numberRule(minimum: number, maximum: number, unit: string, required: boolean) {
  const range = `from ${minimum} to ${maximum}${unit ? ` ${unit}` : ''}`;
  return (text: unknown): true | string => {
    const typed = readTyped(String(text ?? ''));
    if (typed.kind === 'empty') return required ? `Enter a figure ${range}.` : true;
    if (typed.kind === 'unreadable')
      return typed.why === 'letters'
        ? `"${String(text)}" is not a figure; enter one ${range}.`
        : `"${String(text)}" has two decimal points; enter a figure ${range}.`;
    return typed.value >= minimum && typed.value <= maximum
      ? true
      : `${typed.value} is out of range; enter a figure ${range}.`;
  };
}

/** The figure that was typed, or null where nothing was. */
export function typedFigure(text: string | null | undefined): number | null {
  const typed = readTyped(text ?? '');
  return typed.kind === 'number' ? typed.value : null;
}
