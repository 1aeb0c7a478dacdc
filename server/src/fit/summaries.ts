import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { activeEnd, endState, type AcceptedStack, type Workshop } from '@cricket/core/next-action';

/** A bike as the list shows it: where work goes on, and what comes next. */
export function summarise(record: BikeRecord, workshop: Workshop): BikeSummary {
  const facts = {
    bike: record.bike.facts,
    readings: record.readings,
    choices: record.choices,
    stacks: record.stacks.map(stackFacts),
  };
  const end = activeEnd(facts);
  const state = endState(facts, end, workshop);
  return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, next: state.next };
}

/** What the next action depends on. */
function stackFacts({ end, wheelId, acceptedAt, snapshot }: BikeRecord['stacks'][number]): AcceptedStack {
  return {
    end,
    wheelId,
    acceptedAt,
    left: snapshot.stack.left.inside,
    right: snapshot.stack.right.inside,
  };
}
