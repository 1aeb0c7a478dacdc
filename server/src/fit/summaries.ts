import { createHash } from 'node:crypto';

import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { jobState, type JobRecord } from '@cricket/core/job';
import { endVerdict, type Workshop } from '@cricket/core/next-action';

import { Latest } from '../kept/latest';

/** The most summaries that are kept. */
const mostKept = 500;

/**
 * Bikes as the list shows them: where work goes on, and what comes next. A summary takes a whole fit, so each is kept
 * until something that it depends on changes. Nothing but time is lost when it is forgotten.
 */
export class Summaries {
  private readonly kept = new Latest<{ stamp: string; summary: BikeSummary }>(mostKept);

  of(records: readonly BikeRecord[], workshop: Workshop): BikeSummary[] {
    const shop = workshopStamp(workshop);
    return records.map((record) => {
      const stamp = `${shop} ${recordStamp(record)}`;
      const before = this.kept.get(record.bike.id);
      if (before?.stamp === stamp) return before.summary;
      const summary = summarise(record, workshop);
      this.kept.set(record.bike.id, { stamp, summary });
      return summary;
    });
  }
}

/** Everything of the workshop that a fit reads; a digest, since it is compared for every bike. */
function workshopStamp(workshop: Workshop): string {
  return createHash('sha1').update(JSON.stringify(workshop)).digest('base64');
}

/** Everything of a bike that its summary reads: all is only ever added or withdrawn. */
function recordStamp({ bike, readings, choices, acceptances, orders, events }: BikeRecord): string {
  return [
    bike.version,
    addedAndWithdrawn(readings),
    addedAndWithdrawn(choices),
    acceptances.length,
    orders.map(({ version }) => version).join('.'),
    addedAndWithdrawn(events),
  ].join(' ');
}

function addedAndWithdrawn(rows: readonly { withdrawnAt?: string | null | undefined }[]): string {
  return `${rows.length}-${rows.filter(({ withdrawnAt }) => withdrawnAt).length}`;
}

function summarise(record: BikeRecord, workshop: Workshop): BikeSummary {
  const { end, state, next } = jobState(coreRecord(record), workshop);
  return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, verdict: endVerdict(state), next };
}

/** What the fit depends on, as if nothing had been accepted yet. */
export function withoutStacks(record: BikeRecord): JobRecord {
  return { ...coreRecord(record), stacks: [] };
}
