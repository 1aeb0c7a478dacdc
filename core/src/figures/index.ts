/**
 * A length in a sentence: two decimals at most.
 *
 * @example inMm(0.4700000000000006) // '0.47 mm'
 */
export function inMm(value: number): string {
  return `${Number(value.toFixed(2))} mm`;
}
