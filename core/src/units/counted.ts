/**
 * Things in their number.
 *
 * @example counted(1, 'sprocket') // '1 sprocket'
 */
export function counted(many: number, one: string): string {
  return `${many} ${one}${many === 1 ? '' : 's'}`;
}
