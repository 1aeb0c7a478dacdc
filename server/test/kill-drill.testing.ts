import { randomUUID } from 'node:crypto';

import { Client } from 'pg';

import { firstOwner, startServer } from './server-process.testing';

/** How a drill went. */
export interface DrillResult {
  kills: number;
  /** Writes that the server said it has. */
  acknowledged: number;
  /** Acknowledged writes that are not there afterwards. */
  lost: number;
  /** Writes that are there more than once, in the data or in the journal. */
  doubled: number;
  /** Writes that were under way when a server died and were sent again. */
  sentAgain: number;
}

interface Write {
  id: string;
  writeId: string;
}

/**
 * Kills a server with SIGKILL in the middle of writes, again and again; starts it anew each time and sends what was not
 * acknowledged once more, as a phone does.
 *
 * @param databaseUrl - an empty, migrated database; the server is a process of its own
 * @param kills - how often
 */
export async function killDrill(databaseUrl: string, kills: number): Promise<DrillResult> {
  const bike = randomUUID();
  const acknowledged = new Set<string>();
  let pending: Write[] = [];
  let sentAgain = 0;
  let cookie = '';
  let killed = 0;
  for (let round = 0; round <= kills; round++) {
    const server = await startServer(databaseUrl);
    if (!cookie) cookie = await firstOwner(server.address);
    await put(`${server.address}/api/bikes/${bike}`, { tag: 'K-1', name: 'Killed', kind: 'upright' }, cookie, bike);
    const queue = [...pending, ...Array.from({ length: 30 }, () => ({ id: randomUUID(), writeId: randomUUID() }))];
    const unanswered = new Set(queue);
    const last = round === kills;
    // Between the first and the last answer of this round.
    const dieAfter = last ? Infinity : 12 + ((round * 7919) % 18);
    let answers = 0;
    const worker = async () => {
      for (let write = queue.shift(); write; write = queue.shift()) {
        const status = await send(server.address, bike, write, cookie);
        if (status === 201) {
          acknowledged.add(write.id);
          unanswered.delete(write);
          answers += 1;
          if (answers === dieAfter) {
            server.child.kill('SIGKILL');
            killed += 1;
          }
        } else if (status === null) {
          // Under way when the server died: nobody knows whether it went in.
          sentAgain += 1;
          return;
        } else throw new Error(`the server answers ${status}`);
      }
    };
    await Promise.all(Array.from({ length: 6 }, worker));
    pending = [...unanswered];
    await server.stop();
    if (last && pending.length > 0) throw new Error(`${pending.length} writes were never answered`);
  }
  return { kills: killed, acknowledged: acknowledged.size, sentAgain, ...(await counted(databaseUrl, acknowledged)) };
}

async function counted(databaseUrl: string, acknowledged: ReadonlySet<string>) {
  const client = new Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const there = await client.query<{ id: string }>("SELECT id FROM job_event WHERE kind = 'note'");
    const journal = await client.query<{ id: string; many: string }>(
      "SELECT subject_id AS id, count(*) AS many FROM journal WHERE action = 'event-note' GROUP BY 1",
    );
    const found = new Set(there.rows.map(({ id }) => id));
    const rows = new Map(journal.rows.map(({ id, many }) => [id, Number(many)]));
    const lost = [...acknowledged].filter((id) => !found.has(id) || !rows.has(id)).length;
    const doubled = there.rows.length - found.size + [...rows.values()].filter((many) => many > 1).length;
    return { lost, doubled };
  } finally {
    await client.end();
  }
}

function put(url: string, body: object, cookie: string, writeId: string): Promise<Response> {
  return fetch(url, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'x-write-id': writeId, cookie },
    body: JSON.stringify(body),
  });
}

/** The answer's status; null when the server died before it answered. */
async function send(address: string, bike: string, { id, writeId }: Write, cookie: string): Promise<number | null> {
  const body = { kind: 'note', place: 'front-axle', data: { words: id }, at: '2026-03-02T09:00:00.000Z' };
  try {
    const response = await put(`${address}/api/bikes/${bike}/events/${id}`, body, cookie, writeId);
    await response.arrayBuffer();
    return response.status;
  } catch {
    return null;
  }
}
