import type { QueryClient, QueryKey } from '@tanstack/react-query';

/**
 * Has what stands under these names read anew, since it has changed, in itself or at the server. An answer that was asked for
 * before must not come in after and count as fresh: `invalidateQueries` alone leaves such a one on its way where nobody looks
 * at it, or where it is the first.
 *
 * @param change what is known of the change already; done after the older answers are called off
 */
export function readAnew(client: QueryClient, names: readonly QueryKey[], change?: () => void): void {
  for (const queryKey of names) void client.cancelQueries({ queryKey });
  change?.();
  for (const queryKey of names) void client.invalidateQueries({ queryKey });
}

/** The name that all others begin with. */
export const everything: QueryKey = [];
