let known: ReadonlySet<string> | undefined;

/** Whether three letters name a currency. */
export function isCurrency(code: string): boolean {
  known ??= new Set(Intl.supportedValuesOf('currency'));
  return known.has(code);
}
