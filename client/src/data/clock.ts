const storageKey = 'cricket-clock-off';

/** A phone's clock may be off by this much before it is put right: the trip of an answer takes its time, too. */
const toleratedMs = 30_000;

let offMs = load();

/**
 * Takes the time of the server's answer: a phone whose clock is off by a day must not order its entries before or after
 * everybody else's.
 *
 * @param date - the answer's `date` header
 */
export function hearServerClock(date: string | null): void {
  const server = date === null ? Number.NaN : Date.parse(date);
  if (Number.isNaN(server)) return;
  const off = server - Date.now();
  const next = Math.abs(off) > toleratedMs ? off : 0;
  if (next === offMs) return;
  offMs = next;
  try {
    localStorage.setItem(storageKey, String(offMs));
  } catch {
    // Then it is heard anew with the next answer.
  }
}

/** The time now, by the server's clock as it was last heard. */
export function now(): Date {
  return new Date(Date.now() + offMs);
}

function load(): number {
  try {
    return Number(localStorage.getItem(storageKey) ?? 0) || 0;
  } catch {
    return 0;
  }
}
