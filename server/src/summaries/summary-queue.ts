import { setTimeout as pause } from 'node:timers/promises';

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

/** Milliseconds without a change until what changed is a job: who is still writing would make the row stale again at once. */
const quietMs = 1000;
/** Milliseconds until somebody looks for a job again after none was there. */
const againMs = 1000;

/**
 * Has summaries worked out before anybody asks for the list: what has changed and is left in peace for a moment is a job in the
 * database's own queue, whichever server changed it, and one server takes it. A job that is lost costs nothing but the time of whoever asks first.
 */
export class SummaryQueue {
  private readonly boss: PgBoss;
  private readonly ending = new AbortController();
  private readonly unsettled = new Map<string | null, NodeJS.Timeout>();
  private leave: () => void = () => undefined;
  private atWork: Promise<void> = Promise.resolve();

  constructor(
    databaseUrl: string,
    private readonly summaries: Pick<Summaries, 'refresh' | 'refreshList'>,
    private readonly feed: ChangeFeed,
    private readonly log: Pick<Logger, 'warn'>,
  ) {
    // Nothing here goes by a timetable.
    this.boss = new PgBoss({
      connectionString: databaseUrl,
      max: 2,
      application_name: 'cricket queue',
      schedule: false,
    });
    // A database that restarts is no end of the server.
    this.boss.on('error', (error) => this.log.warn(errorForLog(error), 'the queue of summaries'));
  }

  async start(): Promise<void> {
    await this.boss.start();
    // Of jobs for the same bike that wait one is enough.
    await this.boss.createQueue(queue, { name: queue, policy: 'short', retryLimit: 2, expireInSeconds: 120 });
    this.atWork = this.work();
    this.leave = this.feed.listen((heard) => {
      const job = jobFor(heard);
      if (job) this.settle(job);
    });
  }

  async stop(): Promise<void> {
    this.leave();
    this.ending.abort();
    for (const timer of this.unsettled.values()) clearTimeout(timer);
    await this.atWork;
    await this.boss.stop({ graceful: false, wait: false });
  }

  /**
   * Takes one job after another until the queue is stopped. The worker that comes with the package tells a job's end without
   * waiting for the answer: if the database is gone just then, nobody hears the error and it ends the whole server.
   */
  private async work(): Promise<void> {
    const { signal } = this.ending;
    while (!signal.aborted) {
      let job: PgBoss.Job<SummaryJob> | undefined;
      try {
        [job] = await this.boss.fetch<SummaryJob>(queue);
        if (job) await this.take(job);
      } catch (error) {
        job = undefined;
        this.log.warn(errorForLog(error), 'a summary was not worked out');
      }
      if (!job) await pause(againMs, undefined, { signal, ref: false }).catch(() => undefined);
    }
  }

  private async take({ id, data: { bikeId } }: PgBoss.Job<SummaryJob>): Promise<void> {
    try {
      await (bikeId === null ? this.summaries.refreshList() : this.summaries.refresh(bikeId));
    } catch (error) {
      this.log.warn(errorForLog(error), 'a summary is tried again');
      await this.boss.fail(queue, id);
      return;
    }
    await this.boss.complete(queue, id);
  }

  /** Sends the job once nothing has asked for it for a moment. */
  private settle(job: SummaryJob): void {
    clearTimeout(this.unsettled.get(job.bikeId));
    const send = () => {
      this.unsettled.delete(job.bikeId);
      void this.send(job);
    };
    this.unsettled.set(job.bikeId, setTimeout(send, quietMs).unref());
  }

  private async send(job: SummaryJob): Promise<void> {
    try {
      await this.boss.send(queue, job, { singletonKey: job.bikeId ?? 'list' });
    } catch (error) {
      this.log.warn(errorForLog(error), 'a summary was not asked for');
    }
  }
}
