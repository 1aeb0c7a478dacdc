import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { request } from 'node:http';

import sharp from 'sharp';

import { freshServer, type FreshServer } from './fresh-server.testing';
import { firstOwner, startServer, type ServerProcess } from './server-process.testing';

let database: FreshServer;
let server: ServerProcess;
let cookie: string;
beforeAll(async () => {
  database = await freshServer();
  await database.dataSource.query('DELETE FROM session');
  await database.dataSource.query('DELETE FROM person');
  server = await startServer(database.databaseUrl);
  cookie = await firstOwner(server.address);
}, 60_000);
afterAll(async () => {
  await server.stop();
  await database.close();
});

/** The most memory that the server's process has held so far, in MB. */
function peakMb(): number {
  const [, kb] = /VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${server.child.pid}/status`, 'utf8'))!;
  return Number(kb) / 1024;
}

/** Sends a body in pieces without saying how long it is; null when the server hung up while it was being sent. */
function chunked(path: string, piece: Buffer, pieces: number, headers: Record<string, string>): Promise<number | null> {
  return new Promise((resolve) => {
    const sent = request(`${server.address}${path}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json', 'x-write-id': randomUUID(), ...headers },
    });
    sent.once('response', (answer) => {
      answer.resume();
      resolve(answer.statusCode!);
    });
    sent.once('error', () => resolve(null));
    let left = pieces;
    const more = () => {
      while (left > 0) {
        left -= 1;
        if (!sent.write(piece)) return sent.once('drain', more);
      }
      return sent.end();
    };
    more();
  });
}

const mb = 1024 * 1024;
const job = () => `/api/jobs/${randomUUID()}`;

describe('a hundred large bodies at once', () => {
  it('of strangers, sixty megabytes each, are not taken in', async () => {
    const piece = Buffer.alloc(mb, '[');
    const answers = await Promise.all(Array.from({ length: 100 }, () => chunked(job(), piece, 60, {})));
    expect(answers.filter((status) => status !== null && status !== 401)).toEqual([]);
    // The queue of summaries and its thread hold some fifty of them.
    expect(peakMb()).toBeLessThan(360);
  }, 120_000);

  it('of somebody signed in: in turns, refused for what they hold, and the rest told to come again', async () => {
    // Nested without end, full without end, and one text without end.
    const kinds = ['[', '0,', 'a'].map((text) => Buffer.alloc(mb, text));
    const jobs = Array.from({ length: 40 }, (_, n) => chunked(job(), kinds[n % 3]!, 20, { cookie }));
    const bike = randomUUID();
    await put(`/api/bikes/${bike}`, { tag: 'MQ-91', name: 'Milk round bike', kind: 'upright' });
    // A few hundred bytes that unfold into 49 megapixels.
    const flat = await sharp({ create: { width: 7000, height: 7000, channels: 3, background: '#0a7' } })
      .png()
      .toBuffer();
    const body = {
      place: 'bike',
      about: 'bike',
      takenAt: '2026-03-02T09:00:00.000Z',
      picture: flat.toString('base64'),
    };
    // Unfolded at once they would hold six hundred megabytes.
    const pictures = 4;
    const photos = Array.from({ length: pictures }, async () => {
      const { status } = await put(`/api/bikes/${bike}/photos/${randomUUID()}`, body);
      return status;
    });
    const answers = await Promise.all([...jobs, ...photos]);
    const expected = [201, 400, 422, 503, null];
    expect(answers.filter((status) => !expected.includes(status))).toEqual([]);
    expect(answers.filter((status) => status === 422 || status === 400).length).toBeGreaterThan(10);
    expect(answers.filter((status) => status === 201)).toHaveLength(pictures);
    // The queue of summaries and its thread hold some fifty of them.
    expect(peakMb()).toBeLessThan(360);
  }, 240_000);
});

describe('a bike with six thousand events', () => {
  it('has its sheet set beside the other answers, not before them', async () => {
    const bike = randomUUID();
    await put(`/api/bikes/${bike}`, { tag: 'MQ-92', name: 'Much written of', kind: 'upright' });
    await database.dataSource.query(
      `INSERT INTO job_event (id, bike_id, kind, place, schema_version, data, at, person_name)
       SELECT gen_random_uuid(), $1, 'step', 'rear-axle', 2, jsonb_build_object('stepId', 'power.cut-off', 'how', 'problem',
         'because', 'Note ' || n, 'values', jsonb_build_object()), now() - n * interval '1 minute', 'Hand'
       FROM generate_series(1, 6000) n`,
      [bike],
    );
    let done = false;
    const sheet = fetch(`${server.address}/api/bikes/${bike}/job-sheet`, { headers: { cookie } }).then((answer) => {
      done = true;
      return answer;
    });
    let meanwhile = 0;
    while (!done) {
      await fetch(`${server.address}/ready`);
      if (!done) meanwhile += 1;
    }
    expect((await sheet).status).toBe(200);
    expect((await sheet).headers.get('content-type')).toBe('application/pdf');
    // Set on the same thread, it would let two or three others through: those that were asked before it began.
    expect(meanwhile).toBeGreaterThan(20);
  }, 60_000);
});

function put(path: string, body: object): Promise<Response> {
  return fetch(`${server.address}${path}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'x-write-id': randomUUID(), cookie },
    body: JSON.stringify(body),
  });
}
