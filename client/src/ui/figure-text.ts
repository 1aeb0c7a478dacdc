import { phrase } from './say';

/** A length for the eye: two decimals at most. */
export function mm(value: number): string {
  return `${figure(value)} mm`;
}

/** A figure for the eye: two decimals at most, with a real minus sign. */
export function figure(value: number, decimals = 2): string {
  const text = String(Number(value.toFixed(decimals)) + 0);
  return text.replace('-', '−');
}

/** A figure with its sign, for errors and offsets. */
export function signed(value: number, decimals = 2): string {
  const text = figure(value, decimals);
  return value > 0 && text !== '0' ? `+${text}` : text;
}

/** A chance out of a hundred; never a promise. */
export function inHundred(chance: number): string {
  return chance > 0.99
    ? phrase('ui.figure-text.inHundred-over-99-in')
    : chance < 0.01
      ? phrase('ui.figure-text.inHundred-under-1-in')
      : phrase('ui.figure-text.inHundred-in-100', { chance: Math.round(100 * chance) });
}
