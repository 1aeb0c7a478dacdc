import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import {
  activeEnd,
  endState,
  type BikeRecord as CoreRecord,
  type EndState,
  type Workshop,
} from '@cricket/core/next-action';

/** What core needs of a bike's record. */
export function coreRecord({ bike, readings, choices, stacks }: BikeRecord): CoreRecord {
  return {
    bike: bike.facts,
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
export function stateOfEnd(record: BikeRecord, end: End, workshop: Workshop): EndState {
  return endState(coreRecord(record), end, workshop);
}

/** The end that work goes on at. */
export function endAtWork(record: BikeRecord): End {
  return activeEnd(coreRecord(record));
}

/** A bike's row for the list, worked out here: for what has not reached the server yet. */
export function summariseBike(record: BikeRecord, workshop: Workshop): BikeSummary {
  const end = endAtWork(record);
  const state = stateOfEnd(record, end, workshop);
  return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, next: state.next };
}
