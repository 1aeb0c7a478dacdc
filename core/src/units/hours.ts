/**
 * Minutes as hours and minutes.
 *
 * @example hoursText(250) // '4 h 10'
 */
export function hoursText(minutes: number): string {
  const all = Math.round(minutes);
  const whole = Math.floor(all / 60);
  const rest = all % 60;
  return whole === 0 ? `${rest} min` : rest === 0 ? `${whole} h` : `${whole} h ${String(rest).padStart(2, '0')}`;
}
