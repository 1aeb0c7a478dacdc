import * as v from 'valibot';

import { text } from '../input';

let known: ReadonlySet<string> | undefined;

/** Whether three letters name a currency. */
export function isCurrency(code: string): boolean {
  known ??= new Set(Intl.supportedValuesOf('currency'));
  return known.has(code);
}

/** What a shop counts money in. */
export const currencySchema = v.pipe(
  text(3),
  v.check(isCurrency, 'the three letters of a currency in capitals, such as EUR'),
);

/** With which day a week begins, as dates count them. */
export const weekStartSchema = v.picklist([0, 1, 6], 'one of 0 (Sunday), 1 (Monday), 6 (Saturday)');
