import type { BikeRecord, BikeSummary, StoreItem, Wheel } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { activeEnd, endState, type BikeRecord as CoreRecord, type EndState } from '@cricket/core/next-action';

/** What core needs of a bike's record. */
export function coreRecord({ readings, choices, stacks }: BikeRecord): CoreRecord {
  return {
    readings,
    choices,
    stacks: stacks.map(({ end, wheelId, acceptedAt, snapshot }) => ({
      end,
      wheelId,
      acceptedAt,
      left: snapshot.stack.left.inside,
      right: snapshot.stack.right.inside,
    })),
  };
}

/** Where an end of a bike stands. */
export function stateOfEnd(
  record: BikeRecord,
  end: End,
  wheels: readonly Wheel[],
  stores: readonly StoreItem[],
): EndState {
  return endState(coreRecord(record), end, wheels, stores);
}

/** The end that work goes on at. */
export function endAtWork(record: BikeRecord): End {
  return activeEnd(coreRecord(record));
}

/** A bike's row for the list, worked out here: for what has not reached the server yet. */
export function summariseBike(record: BikeRecord, wheels: readonly Wheel[], stores: readonly StoreItem[]): BikeSummary {
  const end = endAtWork(record);
  const state = stateOfEnd(record, end, wheels, stores);
  return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, next: state.next };
}
