import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';

import { demoServer } from './demo-server';

/** Requests a second over eight connections, each as a share of the plainest one in the same run. */
const connections = 8;
const warmUpMs = 300;
const measuredMs = 2500;
const bike = '00000003-0000-4000-8000-000000000002';

const { address, cookie, close } = await demoServer();
const agent = new Agent({ keepAlive: true, maxSockets: connections });

interface Ask {
  path: () => string;
  method?: string;
  body?: () => object;
  headers?: Record<string, string>;
}

/** One request; its tag, when it has one. */
function ask({ path, method = 'GET', body, headers = {} }: Ask): Promise<string | undefined> {
  return new Promise((resolve, reject) => {
    const sent = request(
      address + path(),
      {
        method,
        agent,
        headers: {
          cookie,
          'accept-encoding': 'gzip',
          ...headers,
          ...(body && { 'content-type': 'application/json', 'x-write-id': randomUUID() }),
        },
      },
      (answer) => {
        answer.resume();
        answer.on('end', () => {
          const { statusCode = 0 } = answer;
          if (statusCode >= 400) reject(new Error(`${path()} answers ${statusCode}`));
          else resolve(answer.headers.etag);
        });
      },
    );
    sent.on('error', reject);
    sent.end(body && JSON.stringify(body()));
  });
}

async function perSecond(what: Ask): Promise<number> {
  let counted = 0;
  const begun = performance.now();
  const from = begun + warmUpMs;
  const until = from + measuredMs;
  const work = async () => {
    for (let now = performance.now(); now < until; now = performance.now()) {
      await ask(what);
      if (performance.now() >= from) counted += 1;
    }
  };
  await Promise.all(Array.from({ length: connections }, work));
  return counted / (measuredMs / 1000);
}

const note = (bikeNumber: () => number): Ask => ({
  path: () => `/api/bikes/00000003-0000-4000-8000-00000000000${bikeNumber()}/events/${randomUUID()}`,
  method: 'PUT',
  body: () => ({ kind: 'note', place: 'rear-axle', data: { words: 'bench' }, at: new Date().toISOString() }),
});
const read = (path: string): Ask => ({ path: () => path });
const kept = async (path: string): Promise<Ask> => ({
  path: () => path,
  headers: { 'if-none-match': (await ask(read(path)))! },
});
try {
  const asks: [string, Ask][] = [
    ['one bike', read(`/api/bikes/${bike}`)],
    ['one bike, kept', await kept(`/api/bikes/${bike}`)],
    ['kits', read('/api/wheels')],
    ['kits, kept', await kept('/api/wheels')],
    ['stores', read('/api/stores')],
    ['stores, kept', await kept('/api/stores')],
    ['list', read('/api/bikes')],
    ['list, kept', await kept('/api/bikes')],
    // Eight at work on the bikes of the shop, and eight on one of them.
    ['a write', note(() => 1 + Math.floor(Math.random() * 7))],
    ['writes of one', note(() => 6)],
  ];
  // What is asked first would be asked of a program that is still warming up.
  for (const [, what] of asks) await perSecond(what);
  // Beside each, since a shared machine is now faster and now slower.
  for (const [name, what] of asks) {
    const before = await perSecond(read('/ready'));
    const here = await perSecond(what);
    const ready = (before + (await perSecond(read('/ready')))) / 2;
    process.stdout.write(
      `${name.padEnd(15)} ${here.toFixed(0).padStart(6)} requests/s  ${(here / ready).toFixed(2)} of /ready (${ready.toFixed(0)})\n`,
    );
  }
} finally {
  agent.destroy();
  await close();
}
