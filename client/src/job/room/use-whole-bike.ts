import type { BikeRecord } from '@cricket/contract/shapes';

import { useKits } from '../bike/use-kits';
import { useWorked } from '../../workers/use-worked';

/** Everything besides the axles of a bike, held against each other in the worker. */
export function useWholeBike(record: BikeRecord | null) {
  const kits = useKits(record);
  return useWorked('room', record?.bike.id ?? '', record && kits && [record.bike.facts, kits], (worker) =>
    worker.wholeBike(record!.bike.facts, kits!),
  );
}
