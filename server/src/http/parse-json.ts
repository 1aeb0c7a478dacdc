import type { Context } from 'hono';

import { parseJsonBytes, ShapeGuard } from '../plain/json-bytes';

const digestKey = 'bodyDigest';

/**
 * Reads a body that must be JSON: not nested beyond reason, and without characters that no database keeps.
 *
 * @throws ProblemError 400 for what is not JSON, 422 for what is, and cannot be kept
 */
export async function parseJson(c: Context): Promise<unknown> {
  const bytes = new Uint8Array(await c.req.arrayBuffer());
  // Before a text is made of it: a body of nothing but brackets or commas would take many times its size.
  new ShapeGuard().hold(bytes);
  const { plain, digest } = parseJsonBytes(bytes);
  keepDigest(c, digest);
  return plain;
}

/** Notes what stands for the body of a request. */
export function keepDigest(c: Context, digest: string): void {
  c.set(digestKey, digest);
}

/** What stands for the body that was read: the same write comes with the same body. */
export function bodyDigest(c: Context): string | null {
  return (c.get(digestKey) as string | undefined) ?? null;
}
