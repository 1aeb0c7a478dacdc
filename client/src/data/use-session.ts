import { routes } from '@cricket/contract/routes';
import type { Role, SessionInfo } from '@cricket/contract/shapes';
import { queryOptions, useQuery } from '@tanstack/react-query';

import { ask, onSignedOut, read } from './api';
import { speakNext } from './own-language';
import { keys, queryClient } from './queries';
import { everything, readAnew } from './read-anew';
import { outbox } from './shared-outbox';
import { toldNow } from './pin-later';

// Asked anew rather than believed: the answer may be older than a sign-in that has just happened.
onSignedOut(() => readAnew(queryClient, [keys.session]));

async function whoIsHere(signal: AbortSignal): Promise<SessionInfo> {
  const info = await read<SessionInfo>(routes.session, signal);
  if (!info.demo || info.person) return info;
  // A hand-over that was answered meanwhile has changed the cookie: only who is nobody with the newest one is a visitor.
  const again = await read<SessionInfo>(routes.session, signal);
  return again.person ? again : ask<SessionInfo>('POST', routes.demoSession, { role: 'installer' });
}

/** Nothing was typed on this page before the first answer. */
let isFirst = true;

/** Who is at this phone, as the server last told. A demo visitor is let in as its installer. */
export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async ({ signal }) => {
    const told = await toldNow();
    const info = told ?? (await whoIsHere(signal));
    // Later answers do not stop anybody in the middle of something.
    speakNext(info.language, isFirst ? 'at-once' : 'later');
    isFirst = false;
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
  if (speakNext(info.language, 'at-once')) return;
  readAnew(queryClient, [everything], () => queryClient.setQueryData(keys.session, info));
  outbox.tryNow();
}
