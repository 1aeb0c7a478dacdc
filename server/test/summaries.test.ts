import { randomUUID } from 'node:crypto';

import { pino } from 'pino';

import { ChangeFeed } from '../src/data/change-feed';
import { inPlace, type Heavy } from '../src/heavy/heavy';
import { Summaries } from '../src/summaries/summaries';
import { jobFor, SummaryQueue } from '../src/summaries/summary-queue';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const list = async (query = '') => (await server.send('GET', `/api/bikes${query}`)).json;
const row = async (tag: string) => (await list()).find((item: { bike: { tag: string } }) => item.bike.tag === tag);

describe('the list', () => {
  it('says the same twice, and something else once a reading, a wheel or a limit has changed', async () => {
    const before = await row('MQ-36');
    expect(await row('MQ-36')).toEqual(before);
    expect(before.next.kind).toBe('accept');
    const { id } = before.bike;
    const reading = {
      place: 'rear-axle',
      feature: 'condition',
      word: 'cracked',
      instrument: 'eye',
      takenAt: new Date().toISOString(),
    };
    const readingId = randomUUID();
    await server.send('PUT', `/api/bikes/${id}/readings/${readingId}`, reading);
    expect((await row('MQ-36')).next).toMatchObject({ kind: 'stopped', finding: { id: 'condition' } });
    await server.send('PUT', `/api/bikes/${id}/readings/${readingId}/withdrawal`, {});
    expect((await row('MQ-36')).next).toEqual(before.next);
    const settings = (await server.send('GET', '/api/shop/settings')).json;
    await server.send('PUT', '/api/shop/settings', { ...settings, limits: { capRearWorkNm: 5, capRearGoesNm: 5 } });
    expect((await row('MQ-36')).next).toMatchObject({ kind: 'stopped', finding: { id: 'torque-cap' } });
  });

  it('finds by tag and name, taking what is typed as it stands', async () => {
    const tags = async (text: string) =>
      (await list(`?search=${encodeURIComponent(text)}`)).map((item: { bike: { tag: string } }) => item.bike.tag);
    expect(await tags('mq-3')).toEqual(['MQ-31', 'MQ-33', 'MQ-35', 'MQ-34', 'MQ-36']);
    expect(await tags('tandem')).toEqual(['MQ-29']);
    for (const odd of ['%', '_', '\\', "'; DROP TABLE bike; --", '100%']) expect(await tags(odd)).toEqual([]);
  });

  it('holds the newest sixty, oldest first, however many there are', async () => {
    await server.dataSource.query(
      `INSERT INTO bike (id, tag, name, kind, created_at, version)
       SELECT gen_random_uuid(), 'N-' || n, 'Many', 'upright', now() + n * interval '1 second', 1 FROM generate_series(1, 200) n`,
    );
    const all = await list();
    expect(all).toHaveLength(60);
    expect(all[0].bike.tag).toBe('N-141');
    expect(all[59].bike.tag).toBe('N-200');
  });

  it('goes on page by page to the first bike that ever came in, each once', async () => {
    const seen: string[] = [];
    for (let query = ''; ;) {
      const page: { bike: { id: string; createdAt: string } }[] = await list(query);
      seen.push(...page.map(({ bike }) => bike.id).reverse());
      if (page.length < 60) break;
      query = `?before=${encodeURIComponent(`${page[0]!.bike.createdAt},${page[0]!.bike.id}`)}`;
    }
    const rows: { id: string }[] = await server.dataSource.query(
      'SELECT id FROM bike WHERE withdrawn_at IS NULL ORDER BY created_at DESC, id DESC',
    );
    expect(seen).toEqual(rows.map(({ id }) => id));
    expect(seen.length).toBeGreaterThan(200);
  });

  it.each(['yesterday', '2026-01-01T00:00:00Z', '2026-01-01T00:00:00Z,x', ','])(
    'refuses %j for a place in it',
    async (before) => {
      const { status, json } = await server.send('GET', `/api/bikes?before=${encodeURIComponent(before)}`);
      expect([status, json.errors[0].path]).toEqual([422, 'before']);
    },
  );
});

/** Counts what is worked out, and tells who waits for it. */
function counting(): Pick<Heavy, 'summaries'> & { made: string[]; next: () => Promise<string[]> } {
  const made: string[] = [];
  let told: (tags: string[]) => void = () => undefined;
  return {
    made,
    next: () => new Promise((resolve) => (told = resolve)),
    summaries: async (source) => {
      const tags = source.records.map(({ bike }) => bike.tag);
      made.push(...tags);
      const summaries = await inPlace.summaries(source);
      told(tags);
      return summaries;
    },
  };
}

describe('what is kept of each bike', () => {
  let own: FreshServer;
  beforeAll(async () => {
    own = await freshServer({ demo: true });
  });
  afterAll(() => own.close());
  const note = { kind: 'note', place: 'bike', data: { words: 'x' }, at: new Date().toISOString() };
  const touch = async (bikeId: string) =>
    expect((await own.send('PUT', `/api/bikes/${bikeId}/events/${randomUUID()}`, note)).status).toBe(201);

  it('is worked out once, and anew for the bike that was touched, or for all when the shop has changed', async () => {
    const heavy = counting();
    const summaries = new Summaries(own.dataSource, heavy);
    const all = await summaries.list({});
    expect(heavy.made.sort()).toEqual(all.map(({ bike }) => bike.tag).sort());
    heavy.made.length = 0;
    // Another server on the same database has nothing to do.
    expect(await new Summaries(own.dataSource, heavy).list({})).toEqual(all);
    expect(heavy.made).toEqual([]);
    // Unless it is another program, which may judge otherwise: one row each is kept, of whoever was last.
    const later = new Summaries(own.dataSource, heavy, 'a later program');
    await later.refresh(all[2]!.bike.id);
    expect(heavy.made).toEqual([all[2]!.bike.tag]);
    await later.refresh(all[2]!.bike.id);
    expect(heavy.made).toHaveLength(1);
    await summaries.list({});
    expect(heavy.made).toEqual([all[2]!.bike.tag, all[2]!.bike.tag]);
    heavy.made.length = 0;
    await touch(all[2]!.bike.id);
    await summaries.list({});
    expect(heavy.made).toEqual([all[2]!.bike.tag]);
    heavy.made.length = 0;
    const settings = (await own.send('GET', '/api/shop/settings')).json;
    await own.send('PUT', '/api/shop/settings', { ...settings, hourlyRate: 51 });
    await summaries.list({});
    expect(heavy.made.sort()).toEqual(all.map(({ bike }) => bike.tag).sort());
  });

  it('is there before anybody asks: a change is a job in the database', async () => {
    const heavy = counting();
    const log = pino({ level: 'silent' });
    const feed = new ChangeFeed(own.databaseUrl, log);
    const summaries = new Summaries(own.dataSource, heavy);
    const [first] = await summaries.list({});
    heavy.made.length = 0;
    const queue = new SummaryQueue(own.databaseUrl, summaries, feed, log);
    await queue.start();
    await feed.listening();
    const worked = heavy.next();
    await touch(first!.bike.id);
    expect(await worked).toEqual([first!.bike.tag]);
    await queue.stop();
    await feed.close();
    heavy.made.length = 0;
    await summaries.list({});
    expect(heavy.made).toEqual([]);
  }, 30_000);

  it.each([
    [{ subject: 'bike:b1', writeId: 'w' }, { bikeId: 'b1' }],
    [{ subject: 'stores', writeId: 'w' }, { bikeId: null }],
    [{ subject: 'people', writeId: 'w' }, null],
    ['missed', { bikeId: null }],
  ] as const)('follows from %j', (heard, job) => {
    expect(jobFor(heard)).toEqual(job);
  });
});
