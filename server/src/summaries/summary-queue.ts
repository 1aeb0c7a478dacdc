import PgBoss from 'pg-boss';
import type { Logger } from 'pino';

import type { ChangeFeed, Heard } from '../data/change-feed';
import { errorForLog } from '../problem/error-for-log';
import type { Summaries } from './summaries';

const queue = 'summaries';

/** Of which bike; null: of the whole list, since the shop has changed. */
interface SummaryJob {
  bikeId: string | null;
}

/** What of the shop every summary follows from. */
const ofShop: readonly string[] = ['wheels', 'stores', 'settings'];

/** Which job a change asks for; null for what no summary follows from. */
export function jobFor(heard: Heard): SummaryJob | null {
  if (heard === 'missed') return { bikeId: null };
  if (heard.subject.startsWith('bike:')) return { bikeId: heard.subject.slice('bike:'.length) };
  return ofShop.includes(heard.subject) ? { bikeId: null } : null;
}

/**
 * Has summaries worked out before anybody asks for the list: every change is a job in the database's own queue, whichever
 * server made it, and one server takes it. A job that is lost costs nothing but the time of whoever asks first.
 */
export class SummaryQueue {
  private readonly boss: PgBoss;
  private leave: () => void = () => undefined;

  constructor(
    databaseUrl: string,
    private readonly summaries: Summaries,
    private readonly feed: ChangeFeed,
    private readonly log: Logger,
  ) {
    this.boss = new PgBoss({ connectionString: databaseUrl, max: 2, application_name: 'cricket queue' });
    // A database that restarts is no end of the server.
    this.boss.on('error', (error) => this.log.warn(errorForLog(error), 'the queue of summaries'));
  }

  async start(): Promise<void> {
    await this.boss.start();
    // Of jobs for the same bike that wait one is enough.
    await this.boss.createQueue(queue, { name: queue, policy: 'short', retryLimit: 2, expireInSeconds: 120 });
    await this.boss.work<SummaryJob>(queue, { batchSize: 1, pollingIntervalSeconds: 1 }, async ([job]) => {
      const { bikeId } = job!.data;
      await (bikeId === null ? this.summaries.refreshList() : this.summaries.refresh(bikeId));
    });
    this.leave = this.feed.listen((heard) => {
      const job = jobFor(heard);
      if (job) void this.send(job);
    });
  }

  async stop(): Promise<void> {
    this.leave();
    // A job that is cut off is tried again; nobody waits for it.
    await this.boss.stop({ graceful: false, wait: false });
  }

  private async send(job: SummaryJob): Promise<void> {
    try {
      await this.boss.send(queue, job, { singletonKey: job.bikeId ?? 'list' });
    } catch (error) {
      this.log.warn(errorForLog(error), 'a summary was not asked for');
    }
  }
}
