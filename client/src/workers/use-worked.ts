import { useQuery } from '@tanstack/react-query';

import { askFitWorker } from './fit-worker';

type Ask<T> = Parameters<typeof askFitWorker<T>>[0];

/** First word of the keys of what was worked out here: it is never kept in the browser. */
export const workedOut = 'worked-out';

const identities = new WeakMap<object, number>();
let last = 0;

/** One object is one question, however much is in it: what has not changed stays the same object. */
function identityOf(input: unknown): unknown {
  if (typeof input !== 'object' || input === null) return input;
  if (!identities.has(input)) identities.set(input, ++last);
  return identities.get(input);
}

/**
 * Something that the worker works out: asked once for the same inputs, its error is shown, and the last answer about the same
 * subject stays in view until the new one is there.
 *
 * @param name - of the question
 * @param subject - what the answer is about, such as a bike's id
 * @param inputs - everything that the answer depends on; null while something of it is missing
 */
export function useWorked<T>(name: string, subject: string, inputs: readonly unknown[] | null, ask: Ask<T>) {
  return useQuery<T>({
    queryKey: [workedOut, name, subject, ...(inputs ?? []).map(identityOf)],
    queryFn: () => askFitWorker(ask),
    enabled: inputs !== null,
    networkMode: 'always',
    // What it was worked out from is in its key: nothing makes it old.
    staleTime: 'static',
    gcTime: 5 * 60_000,
    retry: false,
    structuralSharing: false,
    placeholderData: (previous, query) => (query?.queryKey[2] === subject ? previous : undefined),
  });
}
