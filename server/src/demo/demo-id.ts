/**
 * A fixed UUID for a demo row, so that renewing the demo gives the same rows.
 *
 * @example demoId(1, 7) // '00000001-0000-4000-8000-000000000007'
 */
export function demoId(group: number, number: number): string {
  return `${String(group).padStart(8, '0')}-0000-4000-8000-${String(number).padStart(12, '0')}`;
}
