/** The browser of this machine, or null. */
export function chromiumPath(): string | null;
