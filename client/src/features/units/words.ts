import { phrase } from '../../ui/say';

/** Words of the page where a shop chooses what it reads and types in. */
export const words = {
  title: phrase('units.title'),
  lead: phrase('units.lead'),
  currency: phrase('units.currency'),
  currencyHint: phrase('units.currencyHint'),
  badCurrency: (text: string) => phrase('units.badCurrency', { text }),
  keepCurrency: phrase('units.keepCurrency'),
  timeZone: phrase('units.timeZone'),
  timeZoneHint: (own: string) => phrase('units.timeZoneHint', { own }),
  badTimeZone: (text: string) => phrase('units.badTimeZone', { text }),
  keepTimeZone: phrase('units.keepTimeZone'),
  week: phrase('units.week'),
  days: { '1': phrase('units.days.1'), '0': phrase('units.days.0'), '6': phrase('units.days.6') },
  own: phrase('units.own'),
  kept: phrase('units.kept'),
};
