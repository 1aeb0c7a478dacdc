import { Checked, Text, Whole, type RuleDecorator } from '../input';

let known: ReadonlySet<string> | undefined;

/** Whether three letters name a currency. */
export function isCurrency(code: string): boolean {
  known ??= new Set(Intl.supportedValuesOf('currency'));
  return known.has(code);
}

/** What a shop counts money in. */
export const Currency = (): RuleDecorator =>
  Checked(Text(3), isCurrency, 'the three letters of a currency in capitals, such as EUR');

/** With which day a week begins, as dates count them. */
export const WeekStart = (): RuleDecorator =>
  Checked(Whole(0, 6), (day) => day === 0 || day === 1 || day === 6, 'one of 0 (Sunday), 1 (Monday), 6 (Saturday)');
