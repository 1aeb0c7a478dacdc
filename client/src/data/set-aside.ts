import type { Problem } from '@cricket/contract/problem';

import type { PendingWrite } from './outbox-store';
import { phrase } from '../ui/say';

/** How often a server may break over one entry before the entry steps aside for the others. */
export const mostFailures = 5;

/** What is said of an entry over which the server broke again and again. */
export const brokenOver = (): Problem => ({
  type: 'urn:cricket:internal',
  title: phrase('data.set-aside.brokenOver.title'),
  status: 500,
  code: 'internal',
  errors: [],
});

/** Whether an entry makes no sense before another one is stored: the same thing, or a bike that is not in yet. */
export function dependsOn(later: PendingWrite, earlier: PendingWrite): boolean {
  if (later.seq <= earlier.seq) return false;
  if (later.path === earlier.path || later.path.startsWith(`${earlier.path}/`)) return true;
  const bringsIn = earlier.about.kind === 'bike-in' || earlier.about.kind === 'job-in';
  return (
    bringsIn && 'bikeId' in later.about && 'bikeId' in earlier.about && later.about.bikeId === earlier.about.bikeId
  );
}

/** Whether an entry must wait for one that has stepped aside. */
export function isHeldUp(write: PendingWrite, writes: readonly PendingWrite[]): boolean {
  return writes.some((earlier) => earlier.refused?.code === 'internal' && dependsOn(write, earlier));
}
