import type { SessionInfo } from '@cricket/contract/shapes';

import { routes } from '@cricket/contract/routes';
import { ask, RefusedError } from './api';

/** A hand-over that was made while the server was away, to be told to it; gone with the page. */
let waiting: { personId: string; pin: string } | null = null;

export function tellLater(personId: string, pin: string): void {
  waiting = { personId, pin };
}

export function nothingToTell(): void {
  waiting = null;
}

/**
 * Tells the server who has taken the phone meanwhile.
 *
 * @returns who is at the phone now; null when there was nothing to tell, or the server does not believe it
 */
export async function toldNow(): Promise<SessionInfo | null> {
  if (!waiting) return null;
  try {
    const info = await ask<SessionInfo>('POST', routes.pinSwitch, waiting);
    waiting = null;
    return info;
  } catch (error) {
    if (!(error instanceof RefusedError)) throw error;
    waiting = null;
    return null;
  }
}
