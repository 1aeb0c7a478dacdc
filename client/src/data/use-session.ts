import { routes } from '@cricket/contract/routes';
import type { Role, SessionInfo } from '@cricket/contract/shapes';
import { queryOptions, useQuery } from '@tanstack/react-query';

import { ask, onSignedOut, read } from './api';
import { keys, queryClient } from './queries';
import { everything, readAnew } from './read-anew';
import { outbox } from './shared-outbox';
import { toldNow } from './pin-later';

// Asked anew rather than believed: the answer may be older than a sign-in that has just happened.
onSignedOut(() => readAnew(queryClient, [keys.session]));

/** Who is at this phone, as the server last told. A demo visitor is let in as its installer. */
export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async ({ signal }) => {
    const told = await toldNow();
    if (told) return told;
    const info = await read<SessionInfo>(routes.session, signal);
    if (info.demo && !info.person) return ask<SessionInfo>('POST', routes.demoSession, { role: 'installer' });
    return info;
  },
  staleTime: 60_000,
});

export function useSession() {
  return useQuery(sessionQuery);
}

const nobody = { id: '', name: '', role: 'learner' as Role };

/** The person at this phone. */
export function useMe(): { id: string; name: string; role: Role } {
  return useSession().data?.person ?? nobody;
}

/** What the person at this phone may do: the work (an installer's), and what is the owner's alone. */
export function useMay(): { work: boolean; own: boolean } {
  const { role } = useMe();
  return { work: role !== 'learner', own: role === 'owner' };
}

/** Takes in who is at the phone now, and sends what waited for somebody to sign in. */
export function takeOver(info: SessionInfo): void {
  readAnew(queryClient, [everything], () => queryClient.setQueryData(keys.session, info));
  outbox.tryNow();
}
