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

/** The last time that was given out. */
let lastMs = 0;

/** The time now, by the server's clock as it was last heard; of two calls in one millisecond the later is later. */
export function now(): Date {
  const ms = Date.now() + offMs;
  const justNow = ms <= lastMs && lastMs - ms < 1000;
  lastMs = justNow ? lastMs + 1 : ms;
  return new Date(lastMs);
}

function load(): number {
  try {
    return Number(localStorage.getItem(storageKey) ?? 0) || 0;
  } catch {
    return 0;
  }
}
