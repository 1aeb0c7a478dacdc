/**
 * A person's name as it is looked up.
 *
 * @example nameKey('  Wren ') // 'wren'
 */
export function nameKey(name: string): string {
  return name.trim().normalize('NFKC').toLowerCase();
}
