import { randomUUID } from 'node:crypto';

import type { BikeSummary } from '@cricket/contract/shapes';
import type { DataSource } from 'typeorm';

import { recordsOf } from '../data/records';
import { workshopOf } from '../data/workshop';
import type { Heavy } from '../heavy/heavy';
import { keepSummaries, keptList, keptSummary, type KeptSummary, type ListAsk } from './summary-rows';

/** What judges as long as this process runs: from source any later one may judge otherwise. */
const fromSource = randomUUID();

/** So many bikes go to the thread at once: handing them over takes time of this one. */
const atOnce = 10;

/**
 * The list of bikes from rows that are kept until something that they follow from changes. What no longer holds is worked out in
 * a thread, under no lock.
 */
export class Summaries {
  /**
   * @param program - names what judges: another one takes nothing that is kept for its own
   */
  constructor(
    private readonly dataSource: DataSource,
    private readonly heavy: Pick<Heavy, 'summaries'>,
    private readonly program: string = fromSource,
  ) {}

  /** The bikes that are asked for, oldest first. */
  async list(ask: ListAsk): Promise<BikeSummary[]> {
    return this.whole(await keptList(this.dataSource, this.program, ask));
  }

  /** Works out what of the newest bikes no longer holds. */
  async refreshList(): Promise<void> {
    await this.list({});
  }

  /** Works one bike out anew where what is kept of it no longer holds. */
  async refresh(bikeId: string): Promise<void> {
    const kept = await keptSummary(this.dataSource, this.program, bikeId);
    if (kept) await this.whole([kept]);
  }

  /** Every one of them: as kept, or worked out anew. A bike that is gone meanwhile is left out. */
  private async whole(rows: readonly KeptSummary[]): Promise<BikeSummary[]> {
    const stale = rows.filter(({ summary }) => summary === null);
    const anew = new Map<string, BikeSummary>();
    const workshop = stale.length > 0 ? await workshopOf(this.dataSource) : null;
    for (let from = 0; workshop && from < stale.length; from += atOnce) {
      const some = stale.slice(from, from + atOnce);
      const records = await recordsOf(
        this.dataSource,
        some.map(({ bikeId }) => bikeId),
      );
      const made = await this.heavy.summaries({ records, workshop });
      for (const summary of made) anew.set(summary.bike.id, summary);
      // The stamp was read before the records: what is kept may be newer than it says, never older.
      const stamps = new Map(some.map(({ bikeId, stamp }) => [bikeId, stamp]));
      await keepSummaries(
        this.dataSource,
        made.flatMap((summary) => {
          const stamp = stamps.get(summary.bike.id);
          return stamp ? [{ stamp, summary }] : [];
        }),
      );
    }
    return rows.flatMap(({ bikeId, summary }) => summary ?? anew.get(bikeId) ?? []);
  }
}
