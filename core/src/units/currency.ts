let known: ReadonlySet<string> | undefined;

/** Whether three letters name a currency. */
export function isCurrency(code: string): boolean {
  known ??= new Set(Intl.supportedValuesOf('currency'));
  return known.has(code);
}

/**
 * Money as it is written, without cents where there are none. Thousands stand apart by a no-break space: "1,250" would be read in
 * two manners.
 *
 * @param currency - three letters; a figure without a name when null
 * @example moneyText(12.5, null) // '12.50'
 */
export function moneyText(amount: number, currency: string | null): string {
  const format = new Intl.NumberFormat('en', {
    ...(currency !== null && { style: 'currency', currency }),
    maximumFractionDigits: 2,
    minimumFractionDigits: Number.isInteger(amount) ? 0 : 2,
  });
  return format
    .formatToParts(amount)
    .map(({ type, value }) => (type === 'group' ? '\u00a0' : value))
    .join('');
}
