/** Formatters are dear to make and few. */
const formatters = new Map<string, Intl.DateTimeFormat>();

function formatterFor(timeZone: string): Intl.DateTimeFormat {
  let known = formatters.get(timeZone);
  if (!known) {
    known = new Intl.DateTimeFormat('en-GB', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
      timeZoneName: 'shortOffset',
    });
    formatters.set(timeZone, known);
  }
  return known;
}

/**
 * Day and time on paper, as the clock on the shop's wall had it; without words, so that no locale is needed.
 *
 * @param timeZone - of the shop
 * @example paperDate('2026-03-02T09:30:00.000Z', 'UTC') // '2026-03-02 09:30 GMT'
 */
export function paperDate(iso: string, timeZone: string): string {
  const parts = new Map(
    formatterFor(timeZone)
      .formatToParts(new Date(iso))
      .map(({ type, value }) => [type, value]),
  );
  const [year, month, day] = [parts.get('year'), parts.get('month'), parts.get('day')];
  // Some machines say GMT+0.
  const zone = parts.get('timeZoneName')!.replace(/^GMT\+0$/, 'GMT');
  return `${year}-${month}-${day} ${parts.get('hour')}:${parts.get('minute')} ${zone}`;
}

/** The zone of the machine that the server runs on: the shop's own until it has set another. */
export const machineTimeZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
