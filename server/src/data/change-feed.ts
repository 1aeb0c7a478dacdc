import { Client } from 'pg';
import type { Logger } from 'pino';

import { changeChannel, type ChangeNotice } from './revisions';

/** Milliseconds until a lost connection is made anew. */
const againMs = 1000;

/** What a listener is told: a change, or that changes may have been missed. */
export type Heard = ChangeNotice | 'missed';

type Listener = (heard: Heard) => void;

/**
 * Tells its listeners what any server on this database has changed, over one connection of its own that is made when
 * somebody first listens.
 */
export class ChangeFeed {
  private readonly listeners = new Set<Listener>();
  private client: Client | null = null;
  private timer: NodeJS.Timeout | undefined;
  private wasLost = false;
  private isClosed = false;
  private ready: Promise<void> = Promise.resolve();

  constructor(
    private readonly databaseUrl: string,
    private readonly log: Pick<Logger, 'warn'>,
  ) {}

  /** How many listen. */
  get size(): number {
    return this.listeners.size;
  }

  /** Resolves once the database tells this feed what changes. */
  async listening(): Promise<void> {
    await this.ready;
  }

  /** @returns ends the listening */
  listen(listener: Listener): () => void {
    this.listeners.add(listener);
    if (!this.client && !this.timer) this.ready = this.connect();
    return () => void this.listeners.delete(listener);
  }

  async close(): Promise<void> {
    this.isClosed = true;
    clearTimeout(this.timer);
    this.tell('missed');
    this.listeners.clear();
    await this.client?.end();
  }

  /** Whether the server is going down: whoever listens had better come again elsewhere. */
  get closed(): boolean {
    return this.isClosed;
  }

  private async connect(): Promise<void> {
    const client = new Client({ connectionString: this.databaseUrl });
    this.client = client;
    client.on('notification', ({ payload }) => this.tell(JSON.parse(payload ?? 'null') as ChangeNotice));
    client.on('error', (error) => this.log.warn({ error: error.message }, 'the change feed lost its connection'));
    client.on('end', () => this.lost(client));
    try {
      await client.connect();
      await client.query(`LISTEN ${changeChannel}`);
      if (this.wasLost) this.tell('missed');
      this.wasLost = false;
    } catch {
      this.lost(client);
    }
  }

  private lost(client: Client): void {
    if (this.isClosed || this.client !== client) return;
    this.client = null;
    this.wasLost = true;
    this.timer = setTimeout(() => {
      this.timer = undefined;
      void this.connect();
    }, againMs);
    this.timer.unref();
  }

  private tell(heard: Heard): void {
    for (const listener of this.listeners) listener(heard);
  }
}
