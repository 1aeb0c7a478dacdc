import { queryClient } from '../data/queries';
import { bikesQuery } from '../data/use-bikes';
import { settingsQuery } from '../data/use-workshop';
import { sessionQuery } from '../data/use-session';

/** On a poor line the answers are there before the script; on a good one nobody notices this long. */
const mostMs = 200;

/**
 * Takes in what the page asked for beside its script (who is here, the bikes), so that the first picture drawn is the list, not
 * a word that it is being fetched. What is not there soon is not waited for, and nothing is where this phone has kept the list.
 */
export function firstAnswers(): Promise<void> {
  if ('serviceWorker' in navigator && navigator.serviceWorker.controller) return Promise.resolve();
  return Promise.race([takeIn(), new Promise<void>((resolve) => setTimeout(resolve, mostMs))]);
}

async function takeIn(): Promise<void> {
  await queryClient.prefetchQuery(sessionQuery);
  const isInside = Boolean(queryClient.getQueryData(sessionQuery.queryKey)?.person);
  if (!isInside || window.location.pathname !== '/') return;
  await Promise.all([queryClient.prefetchQuery(bikesQuery), queryClient.prefetchQuery(settingsQuery)]);
}
