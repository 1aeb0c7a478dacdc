import { useSyncExternalStore } from 'react';

import type { OutboxState } from './outbox';
import { outbox } from './shared-outbox';

/** What waits for the server. */
export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.snapshot);
}
