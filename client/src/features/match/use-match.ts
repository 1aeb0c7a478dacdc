import type { BikeRecord, ShopSettings } from '@cricket/contract/shapes';
import type { Workshop } from '@cricket/core/next-action';
import { chosenWheelId } from '@cricket/core/choices';
import { useMemo } from 'react';

import type { MatchAnswer, MatchLine } from '../../workers/match-line';
import { matchInput } from './match-input';
import { useSearch, type Search } from './use-search';

export interface Match extends Omit<Search<MatchAnswer>, 'answer'> {
  lines: MatchLine[] | null;
  refused: MatchAnswer['refused'];
}

/** Matches the whole catalogue in the worker; ends an earlier run when something changes meanwhile. */
export function useMatch(record: BikeRecord | null, workshop: Workshop, settings: ShopSettings | null): Match {
  const input = useMemo(
    () => (record && settings ? { ...matchInput(record, workshop, settings), chosen: chosenWheels(record) } : null),
    [record, workshop, settings],
  );
  const { answer, ...search } = useSearch<NonNullable<typeof input>, MatchAnswer>(
    'match',
    record?.bike.id ?? '',
    input,
    (worker, asked, onProgress) => worker.match(asked, onProgress),
  );
  return { lines: answer?.lines ?? null, refused: answer?.refused ?? [], ...search };
}

/** The kits that are chosen for a bike: what was measured on it was measured of these. */
export function chosenWheels({ choices }: BikeRecord): string[] {
  return (['front', 'rear'] as const).flatMap((end) => chosenWheelId(choices, end) ?? []);
}
