/** Words of the page where a shop chooses what it reads and types in. */
export const words = {
  title: 'Units of the shop',
  lead: 'Everything is stored and judged in metric units; the shop reads and types in its own.',
  kinds: {
    length: 'Readings of lengths',
    torque: 'Torque',
    speed: 'Speed',
    mass: 'Weight',
    pressure: 'Pressure',
  },
  lengthNote: 'Parts keep their mm, with inches beside them: threads, spacings and washers are sold by it.',
  all: 'All at once',
  sets: { metric: 'Metric', imperial: 'Inch and pound' },
  decimals: 'Decimals are written',
  marks: { browser: 'as the browser does', point: '1.5', comma: '1,5' },
  decimalsNote:
    'Typed with a comma or a point, both are understood; 1,001 is only taken where it cannot be a thousand and one.',
  currency: 'Currency, by its three letters',
  currencyHint: 'such as EUR; empty: figures without a name',
  badCurrency: (text: string) => `"${text}" is no currency; write its three letters, such as EUR, or leave it empty.`,
  keepCurrency: 'Keep the currency',
  timeZone: 'Time zone of the shop, for what is printed',
  timeZoneHint: (own: string) => `such as ${own}; empty: that of the server`,
  badTimeZone: (text: string) =>
    `"${text}" is no time zone that is known here; leave it empty or write one as it is listed.`,
  keepTimeZone: 'Keep the time zone',
  week: 'A week begins on',
  days: { '1': 'Monday', '0': 'Sunday', '6': 'Saturday' },
  own: 'The owner sets them.',
  kept: 'Kept.',
};
