import { format } from 'date-fns/format';
import type { Locale } from 'date-fns/locale';

let locale: Locale | undefined;

/** From now on months and weekdays are named like this; undefined: in English. */
export function nameDaysAs(next: Locale | undefined): void {
  locale = next;
}

/**
 * A moment as the page tells it.
 *
 * @example dateText(new Date(2026, 2, 4), 'd MMM yyyy') // '4 Mar 2026', in German '4. März 2026'
 */
export function dateText(moment: Date, pattern: string): string {
  // English writes the day bare, German as an ordinal.
  return format(moment, locale?.code === 'de' ? pattern.replace(/\bd (?=MMM)/, 'd. ') : pattern, { locale });
}
