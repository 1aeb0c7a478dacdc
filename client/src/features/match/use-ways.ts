import type { BikeRecord, ShopSettings } from '@cricket/contract/shapes';
import type { Conversions } from '@cricket/core/conversions';
import type { Workshop } from '@cricket/core/next-action';
import { useMemo } from 'react';

import { matchInput } from './match-input';
import { chosenWheels } from './use-match';
import { useSearch, type Search } from './use-search';

/** The three best ways to build a bike, looked for in the worker over the whole catalogue. */
export function useWays(
  record: BikeRecord | null,
  workshop: Workshop,
  settings: ShopSettings | null,
): Search<Conversions> {
  const input = useMemo(
    () => (record && settings ? { ...matchInput(record, workshop, settings), chosen: chosenWheels(record) } : null),
    [record, workshop, settings],
  );
  return useSearch<NonNullable<typeof input>, Conversions>(
    'ways',
    record?.bike.id ?? '',
    input,
    (worker, asked, onProgress) => worker.ways(asked, onProgress),
  );
}
