import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { jobState, type JobRecord } from '@cricket/core/job';
import { endVerdict, type Workshop } from '@cricket/core/next-action';

/** Bikes as the list shows them: where work goes on, and what comes next. Each takes a whole fit. */
export function summariesOf(records: readonly BikeRecord[], workshop: Workshop): BikeSummary[] {
  return records.map((record) => {
    const { end, state, next } = jobState(coreRecord(record), workshop);
    return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, verdict: endVerdict(state), next };
  });
}

/** What the fit depends on, as if nothing had been accepted yet. */
export function withoutStacks(record: BikeRecord): JobRecord {
  return { ...coreRecord(record), stacks: [] };
}
