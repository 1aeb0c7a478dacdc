/** So many writes back this phone knows its own. */
const most = 200;

const own = new Set<string>();

/** Notes a write that goes out from here: what it changed is known here already. */
export function noteOwnWrite(writeId: string): void {
  own.delete(writeId);
  own.add(writeId);
  if (own.size > most) own.delete(own.values().next().value!);
}

/** Whether a change comes from this very page. */
export function isOwnWrite(writeId: string): boolean {
  return own.has(writeId);
}

const stored = new Set<string>();

/** Notes that the server has a write, and what is kept here includes it: it must not be counted twice while it leaves the outbox. */
export function noteStored(writeId: string): void {
  stored.add(writeId);
  if (stored.size > most) stored.delete(stored.values().next().value!);
}

/** Whether what is kept here includes this write. */
export function isStored(writeId: string): boolean {
  return stored.has(writeId);
}
