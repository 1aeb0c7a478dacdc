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
