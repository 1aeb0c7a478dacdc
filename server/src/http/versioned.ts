import { said } from '@cricket/core/said';
import { ProblemError } from '../problem/problem';

/** What can be changed by two at once. */
type Versioned = 'person' | 'setting' | 'order_line' | 'store_line' | 'wheel';

/**
 * Holds a write against the version that is stored.
 *
 * @param stored - what is stored, or null when nothing is
 * @param yours - what was sent; version 0 means "new"
 * @throws ProblemError 409 with both when they differ, 404 when a change finds nothing
 */
export function holdVersion(stored: { version: number } | null, yours: { version: number }, what: Versioned): void {
  if (!stored && yours.version > 0) throw new ProblemError(404, 'not-found', said('problem.no-such', { what }));
  if (stored && stored.version !== yours.version) {
    throw new ProblemError(409, 'version-conflict', said('problem.changed-by-another', { what }), [], {
      current: stored,
      yours,
    });
  }
}
