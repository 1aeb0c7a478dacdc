import { randomUUID } from 'node:crypto';
import { gunzipSync } from 'node:zlib';

import { pino } from 'pino';
import { DataSource } from 'typeorm';

import { createApp } from '../src/app';
import { readConfig } from '../src/config';
import { ChangeFeed } from '../src/data/change-feed';
import { inPlace } from '../src/heavy/heavy';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
let cookie: string;
beforeAll(async () => {
  server = await freshServer({ demo: true });
  cookie = await server.signedIn('installer');
});
afterAll(() => server.close());

const bike = '00000003-0000-4000-8000-000000000001';
const washer = '00000002-0000-4000-8000-000000000001';
const note = { kind: 'note', place: 'front-axle', data: { words: 'bell is loose' }, at: new Date().toISOString() };
const addNote = () => server.send('PUT', `/api/bikes/${bike}/events/${randomUUID()}`, note);

/** Another server on the same database, and what a phone hears from it. */
function otherServer() {
  const silent = pino({ level: 'silent' });
  const feed = new ChangeFeed(server.databaseUrl, silent);
  const app = createApp(readConfig({ DEMO: '1' }), server.dataSource, silent, inPlace, feed);
  const listen = async () => {
    const response = await app.request('/api/changes', { headers: { cookie } });
    const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
    let text = '';
    /** Reads on until a pattern has been heard. */
    const until = async (pattern: RegExp) => {
      while (!pattern.test(text)) {
        const { done, value } = await reader.read();
        if (done) throw new Error(`ended after ${text}`);
        text += value;
      }
      return text;
    };
    const ended = async () => {
      while (!(await reader.read()).done);
    };
    return { response, until, ended, leave: () => reader.cancel() };
  };
  return { feed, app, listen };
}

/** The connection that listens, as the database sees it. */
async function listening(dataSource: DataSource): Promise<number[]> {
  const rows: { pid: number }[] = await dataSource.query(
    `SELECT pid FROM pg_stat_activity WHERE datname = current_database() AND query LIKE 'LISTEN %'`,
  );
  return rows.map(({ pid }) => pid);
}

/** Asks the database until it answers as awaited. */
async function seen<T>(ask: () => Promise<T>, holds: (answer: T) => boolean): Promise<T> {
  for (;;) {
    const answer = await ask();
    if (holds(answer)) return answer;
  }
}

describe('changes', () => {
  it('that one server has made are told by another', async () => {
    const { feed, listen } = otherServer();
    const phone = await listen();
    expect(phone.response.headers.get('content-type')).toMatch(/^text\/event-stream/);
    await phone.until(/event: hello/);
    await seen(
      () => listening(server.dataSource),
      (pids) => pids.length === 1,
    );
    const writeId = randomUUID();
    const path = `/api/bikes/${bike}/events/${randomUUID()}`;
    await server.send('PUT', path, note, { 'x-write-id': writeId });
    await phone.until(new RegExp(`event: change\ndata: \\{"subject":"bike:${bike}","writeId":"${writeId}"\\}`));
    // Sent again it changes nothing, and nothing is told of it; nor of what is refused.
    await server.send('PUT', path, note, { 'x-write-id': writeId });
    await server.send('PUT', `/api/bikes/${bike}/events/${randomUUID()}`, { ...note, kind: 'nonsense' });
    const { json: stores } = await server.send('GET', '/api/stores');
    const {
      id: _,
      withdrawnAt: __,
      withBikes: ___,
      onOrder: ____,
      ...line
    } = stores.find(({ id }: { id: string }) => id === washer);
    const { status } = await server.send('PUT', `/api/stores/${washer}`, { ...line, count: 3 });
    expect(status).toBe(200);
    const heard = await phone.until(/"stores"/);
    expect(heard.match(/event: change/g)).toHaveLength(2);
    await phone.leave();
    await feed.close();
  });

  it('that may have been missed are said to be, once the database is there again', async () => {
    const { feed, listen } = otherServer();
    const phone = await listen();
    await phone.until(/event: hello/);
    const [pid] = await seen(
      () => listening(server.dataSource),
      (pids) => pids.length === 1,
    );
    await server.dataSource.query('SELECT pg_terminate_backend($1)', [pid]);
    await phone.until(/event: missed/);
    await addNote();
    await phone.until(/event: change/);
    await feed.close();
    // A server that goes down lets its phones go.
    await phone.ended();
  });

  it('are told to nobody who is not signed in, and to nobody where there is no feed', async () => {
    const { feed, app } = otherServer();
    expect((await app.request('/api/changes')).status).toBe(401);
    expect((await server.send('GET', '/api/changes')).status).toBe(503);
    await feed.close();
  });
});

describe('what has not changed', () => {
  const read = (path: string, tag?: string) =>
    server.app.request(path, { headers: { cookie, ...(tag && { 'if-none-match': tag }) } });

  const packed = (path: string) => server.app.request(path, { headers: { cookie, 'accept-encoding': 'gzip, br' } });

  it.each([
    ['one bike', `/api/bikes/${bike}`],
    ['the list', '/api/bikes'],
    ['the stores', '/api/stores'],
    ['the kits', '/api/wheels'],
    ['the settings', '/api/shop/settings'],
  ])('is not sent again: %s', async (_, path) => {
    const first = await read(path);
    const tag = first.headers.get('etag')!;
    expect(tag).toMatch(/^W\/".{22}"$/);
    expect(first.headers.get('cache-control')).toBe('private, no-cache');
    const again = await read(path, tag);
    expect(again.status).toBe(304);
    expect(await again.text()).toBe('');
    expect((await read(path, 'W/"another"')).status).toBe(200);
  });

  it('is the same packed and plain, and packed once', async () => {
    const plain = await (await read('/api/stores')).json();
    const [one, two] = [await packed('/api/stores'), await packed('/api/stores')];
    expect(one.headers.get('content-encoding')).toBe('gzip');
    expect(one.headers.get('vary')).toMatch(/accept-encoding/i);
    const bytes = Buffer.from(await one.arrayBuffer());
    expect(JSON.parse(gunzipSync(bytes).toString())).toEqual(plain);
    expect(Buffer.from(await two.arrayBuffer()).equals(bytes)).toBe(true);
  });

  it('is sent again after a change, and only that', async () => {
    const paths = [`/api/bikes/${bike}`, '/api/bikes', '/api/stores'];
    const tags = await Promise.all(paths.map(async (path) => (await read(path)).headers.get('etag')!));
    const other = '/api/bikes/00000003-0000-4000-8000-000000000002';
    const othersTag = (await read(other)).headers.get('etag')!;
    expect((await addNote()).status).toBe(201);
    const statuses = await Promise.all(paths.map(async (path, at) => (await read(path, tags[at])).status));
    expect(statuses).toEqual([200, 200, 304]);
    expect((await read(other, othersTag)).status).toBe(304);
  });

  it('is asked for anew when a change was undone halfway', async () => {
    const path = `/api/bikes/${bike}`;
    const tag = (await read(path)).headers.get('etag')!;
    const refused = await server.send('PUT', `${path}/orders/${randomUUID()}`, { end: 'front' });
    expect(refused.status).toBe(422);
    expect((await read(path, tag)).status).toBe(304);
  });

  it('has no tag where a search is asked', async () => {
    expect((await read('/api/bikes?search=mq')).headers.get('etag')).toBeNull();
  });
});
