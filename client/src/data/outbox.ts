import type { Problem } from '@cricket/contract/problem';

import { now } from './clock';
import { BrokenError, RefusedError, send as sendToServer, type WriteRequest } from './api';
import { openOutboxStore, type OutboxStore, type PendingWrite, type WriteAbout } from './outbox-store';
import { brokenOver, isHeldUp, mostFailures } from './set-aside';

/** How a write ended as far as the person who made it is concerned. */
export type Outcome = { kind: 'stored'; answer: unknown } | { kind: 'waiting' } | { kind: 'refused'; problem: Problem };

/** What the screens show of the outbox. */
export interface OutboxState {
  writes: readonly PendingWrite[];
  /** The last attempt did not reach the server. */
  unreachable: boolean;
  /** False: this browser keeps nothing, so a closed tab would lose what waits. */
  durable: boolean;
  /** False until what an earlier page left is read. */
  ready: boolean;
}

export interface OutboxOptions {
  openStore?: () => Promise<OutboxStore>;
  send?: (write: WriteRequest) => Promise<unknown>;
  /** Milliseconds before trying again, by attempts so far. */
  waitMs?: (attempts: number) => number;
  /** Called when the server has taken a write, as it leaves the outbox: what it says must not be missing in between. */
  onStored?: (write: PendingWrite, answer: unknown) => void;
  /** Called after some were stored, when no further one can be sent now: a day's entries are one change, not a hundred. */
  onAllStored?: () => void;
  /** Called when what is kept has changed by an answer of the server: other tabs may then look. */
  onChanged?: () => void;
}

/** Name of the lock that keeps two tabs from sending at once. */
const sendingLock = 'cricket-outbox';

/**
 * Writes that wait for the server. Each is kept in the browser first, then sent in order; a refused one stays until a person
 * has looked at it, an unreachable server is tried again until it answers.
 */
export class Outbox {
  private state: OutboxState = { writes: [], unreachable: false, durable: true, ready: false };
  private readonly listeners = new Set<() => void>();
  private readonly submitted = new Map<string, Promise<Outcome>>();
  private readonly waiting = new Map<string, (outcome: Outcome) => void>();
  /** Made just now and not kept yet: in sight at once, sent only when it is kept. */
  private readonly arriving = new Map<string, PendingWrite>();
  private readonly store: Promise<OutboxStore>;
  private flushing = false;
  /** The write on its way from this tab. */
  private sendingId: string | null = null;
  /** Asked for while one was under way. */
  private flushAgain = false;
  private closed = false;
  private attempts = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly options: OutboxOptions = {}) {
    this.store = (options.openStore ?? openOutboxStore)();
    void this.reload().then(() => this.flush());
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): OutboxState => this.state;

  /**
   * Keeps a write and sends it. The same write id again, as from a double tap, is the same write.
   *
   * @returns `stored` once the server has it, `waiting` when the server cannot be reached (it is kept), `refused` with
   * the reason when the server said no
   */
  async submit(request: WriteRequest, about: WriteAbout): Promise<Outcome> {
    const same = this.submitted.get(request.writeId);
    if (same) return same;
    const outcome = this.keepAndSend(request, about);
    this.submitted.set(request.writeId, outcome);
    return outcome;
  }

  private async keepAndSend(request: WriteRequest, about: WriteAbout): Promise<Outcome> {
    const write = { ...request, about, madeAt: now().toISOString(), madeMs: Date.now(), refused: null };
    // What comes next may be decided before the browser has kept it: a caliper is faster than a disk.
    this.arriving.set(request.writeId, { ...write, seq: Number.MAX_SAFE_INTEGER - 1000 + this.arriving.size });
    this.set({ writes: [...this.state.writes, this.arriving.get(request.writeId)!] });
    const store = await this.store;
    try {
      await store.add(write);
    } catch (error) {
      this.set({ writes: this.state.writes.filter(({ writeId }) => writeId !== request.writeId) });
      throw error;
    } finally {
      this.arriving.delete(request.writeId);
    }
    // Only once it is kept: a write that is waited for and not kept was sent by another tab.
    const outcome = new Promise<Outcome>((resolve) => this.waiting.set(request.writeId, resolve));
    await this.reload();
    void this.flush();
    return outcome;
  }

  /** Forgets a refused write. */
  async discard(seq: number): Promise<void> {
    await (await this.store).remove(seq);
    await this.reload();
  }

  /** Sends a refused write with another body: a write of its own, in the same place in the order. */
  async change(seq: number, body: object): Promise<void> {
    const store = await this.store;
    const write = (await store.all()).find((item) => item.seq === seq);
    if (write) await store.put({ ...write, writeId: crypto.randomUUID(), body, refused: null });
    await this.reload();
    this.tryNow();
  }

  /** Sends a refused write once more: what stood against it may have changed. */
  async sendAgain(seq: number): Promise<void> {
    const store = await this.store;
    const write = (await store.all()).find((item) => item.seq === seq);
    if (write) await store.put({ ...write, refused: null });
    await this.reload();
    this.tryNow();
  }

  /** Whether closing the page now would lose something: a write not kept yet, or a browser that keeps nothing. */
  readonly wouldLose = (): boolean => this.arriving.size > 0 || (!this.state.durable && this.state.writes.length > 0);

  /** Stops trying; what waits stays kept. */
  readonly close = (): void => {
    this.closed = true;
    clearTimeout(this.timer);
  };

  /** Tries now, whatever the waiting time says. */
  readonly tryNow = (): void => {
    clearTimeout(this.timer);
    void this.flush();
  };

  /** Reads again what is kept: another tab may have added or sent something. */
  readonly reload = async (): Promise<void> => {
    const store = await this.store;
    const kept = await store.all();
    const there = new Set(kept.map(({ writeId }) => writeId));
    const arriving = [...this.arriving.values()].filter(({ writeId }) => !there.has(writeId));
    this.set({ writes: [...kept, ...arriving], durable: store.durable, ready: true });
    this.settleWhatOthersSent();
  };

  /** Another tab sends what this one made when it holds the lock: whoever waits here must hear how it ended. */
  private settleWhatOthersSent(): void {
    const kept = new Map(this.state.writes.map((write) => [write.writeId, write]));
    for (const [writeId, resolve] of this.waiting) {
      if (writeId === this.sendingId) continue;
      const write = kept.get(writeId);
      if (write && !write.refused) continue;
      resolve(write?.refused ? { kind: 'refused', problem: write.refused } : { kind: 'stored', answer: null });
      this.waiting.delete(writeId);
    }
  }

  private async flush(): Promise<void> {
    if (this.closed) return;
    if (this.flushing) {
      this.flushAgain = true;
      return;
    }
    this.flushing = true;
    this.flushAgain = false;
    try {
      await exclusively(() => this.sendAll());
    } finally {
      this.flushing = false;
    }
    // Something may have come in between the last look and here.
    if (this.flushAgain || (!this.state.unreachable && this.nextToSend())) void this.flush();
  }

  private nextToSend(): PendingWrite | undefined {
    const { writes } = this.state;
    return writes.find(
      (write) => write.refused === null && !this.arriving.has(write.writeId) && !isHeldUp(write, writes),
    );
  }

  private async sendAll(): Promise<void> {
    await this.reload();
    let stored = false;
    try {
      for (let next = this.nextToSend(); next && !this.closed; next = this.nextToSend()) {
        const ended = await this.sendOne(next);
        stored ||= ended === 'stored';
        if (ended === 'unreachable') return;
      }
    } finally {
      if (stored) this.options.onAllStored?.();
    }
  }

  private async sendOne(write: PendingWrite): Promise<'stored' | 'refused' | 'unreachable'> {
    const store = await this.store;
    this.sendingId = write.writeId;
    let ended: 'stored' | 'refused' = 'stored';
    try {
      const answer = await (this.options.send ?? sendToServer)(write);
      await store.remove(write.seq);
      this.options.onStored?.(write, answer);
      this.set({ writes: this.state.writes.filter(({ writeId }) => writeId !== write.writeId) });
      // Not before it is gone: another tab that looks now must not find it still waiting.
      this.options.onChanged?.();
      this.settle(write, { kind: 'stored', answer });
    } catch (error) {
      const problem = await this.problemOf(error, write);
      if (!problem) {
        this.waitAndRetry();
        return 'unreachable';
      }
      ended = 'refused';
      await store.put({ ...write, failures: 0, refused: problem });
      this.options.onChanged?.();
      // Whoever waits for the outcome may look at the entry at once.
      await this.reload();
      this.settle(write, { kind: 'refused', problem });
    } finally {
      this.sendingId = null;
    }
    this.attempts = 0;
    if (this.state.unreachable) this.set({ unreachable: false });
    return ended;
  }

  /** Why the server will not take a write; null while it may yet. One over which it breaks each time must not hold up the rest. */
  private async problemOf(error: unknown, write: PendingWrite): Promise<Problem | null> {
    if (error instanceof RefusedError) return error.problem;
    if (!(error instanceof BrokenError)) return null;
    const failures = (write.failures ?? 0) + 1;
    if (failures >= mostFailures) return brokenOver();
    await (await this.store).put({ ...write, failures });
    await this.reload();
    return null;
  }

  private waitAndRetry(): void {
    this.attempts += 1;
    this.set({ unreachable: true });
    for (const resolve of this.waiting.values()) resolve({ kind: 'waiting' });
    this.waiting.clear();
    const wait = this.options.waitMs ?? ((attempts) => Math.min(15_000, 500 * 2 ** Math.min(attempts, 5)));
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), wait(this.attempts));
  }

  private settle({ writeId }: PendingWrite, outcome: Outcome): void {
    this.waiting.get(writeId)?.(outcome);
    this.waiting.delete(writeId);
  }

  private set(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}

async function exclusively(work: () => Promise<void>): Promise<void> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  if (locks) await locks.request(sendingLock, work);
  else await work();
}
