import type { Context } from 'hono';

/**
 * Says under which tag an answer may be kept, and whether the asker has it already.
 *
 * @param tag - null: it may not be kept
 * @returns 304 without a body when what was kept still holds, else null
 *
 * @example
 * const same = unchanged(c, await tagOf(dataSource, ['stores']));
 * return same ?? c.json(await allStores(dataSource));
 */
export function unchanged(c: Context, tag: string | null): Response | null {
  if (!tag) return null;
  c.header('etag', tag);
  const kept = c.req.header('if-none-match');
  return kept?.split(',').some((one) => one.trim() === tag) ? c.body(null, 304) : null;
}
