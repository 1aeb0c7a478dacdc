import { randomUUID } from 'node:crypto';

import { ReadingEntity } from '../src/data/entities/reading';
import { journalled } from '../src/data/journal';
import { keepAtOnce } from '../src/data/keep-at-once';
import { holdForRow } from '../src/data/records';
import { insertedRow } from '../src/data/rows';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
let personId: string;
beforeAll(async () => {
  server = await freshServer();
  [{ id: personId }] = await server.dataSource.query('SELECT id FROM person');
});
afterAll(() => server.close());

async function bike(): Promise<string> {
  const id = randomUUID();
  const sent = await server.send('PUT', `/api/bikes/${id}`, { tag: 'MQ-91', name: 'Milk round bike', kind: 'upright' });
  expect(sent.status).toBe(201);
  return id;
}

const taken = {
  place: 'rear-axle',
  feature: 'slot-width.left.seat',
  valueMm: 9.8,
  typed: '9.8',
  unit: 'mm',
  instrument: 'calipers',
};
const sent = { ...taken, takenAt: '2026-03-02T09:00:00.000Z' };
const wrote = () => ({ writeId: randomUUID(), person: 'Hand', personId, bodyDigest: 'digest' });
const aboutReading = (bikeId: string, subjectId: string) => ({
  bikeId,
  action: 'reading',
  subject: 'reading',
  subjectId,
});
const columns = (bikeId: string, id: string) => ({
  ...taken,
  id,
  bikeId,
  personId,
  personName: null,
  word: null,
  parts: [{ kind: 'washer', spec: { thicknessMm: 2 } }],
  told: null,
  takenAt: new Date(sent.takenAt),
});
const journalOf = async (bikeId: string, subjectId: string) => {
  const rows = (await server.send('GET', `/api/bikes/${bikeId}/journal`)).json as Record<string, unknown>[];
  return rows.filter((row) => row['subjectId'] === subjectId);
};

describe('what is kept at once', () => {
  it('is the same, in its row and in the journal, as what goes the long way', async () => {
    const bikeId = await bike();
    const [short, long] = [randomUUID(), randomUUID()];
    const [shortWrite, longWrite] = [wrote(), wrote()];
    const row = await keepAtOnce<{ id: string }>(
      server.dataSource,
      shortWrite,
      aboutReading(bikeId, short),
      ReadingEntity,
      columns(bikeId, short),
    );
    let other: { id: string } | null = null;
    await journalled(server.dataSource, longWrite, aboutReading(bikeId, long), async (manager) => {
      expect(await holdForRow(manager, bikeId, 'reading', long)).toBe(false);
      other = await insertedRow<{ id: string }>(manager, ReadingEntity, columns(bikeId, long));
      return { before: null, after: other };
    });
    expect(row).toEqual({ ...other!, id: short });
    const [journalRow] = await journalOf(bikeId, short);
    const [otherRow] = await journalOf(bikeId, long);
    const { id: _id, at: _at, ...same } = otherRow!;
    expect(journalRow).toEqual({
      ...same,
      id: shortWrite.writeId,
      at: expect.any(String),
      subjectId: short,
      after: row,
    });
  });

  it('marks the bike anew', async () => {
    const bikeId = await bike();
    const mark = async () =>
      (await server.dataSource.query('SELECT revision FROM revision WHERE subject = $1', [`bike:${bikeId}`]))[0]
        .revision;
    const before = await mark();
    const put = await server.send('PUT', `/api/bikes/${bikeId}/readings/${randomUUID()}`, sent);
    expect(put.status).toBe(201);
    expect(await mark()).not.toBe(before);
  });

  it.each(['a bike that nobody knows', 'a bike that is out', 'a write that was done', 'an id that is taken'])(
    'is nothing at all for %s',
    async (odd) => {
      const bikeId = odd === 'a bike that nobody knows' ? randomUUID() : await bike();
      const id = randomUUID();
      const write = wrote();
      if (odd === 'a bike that is out') await server.send('PUT', `/api/bikes/${bikeId}/withdrawal`, {});
      const keep = (writeId: string, readingId: string) =>
        keepAtOnce(
          server.dataSource,
          { ...write, writeId },
          aboutReading(bikeId, readingId),
          ReadingEntity,
          columns(bikeId, readingId),
        );
      if (odd === 'a write that was done') expect(await keep(write.writeId, randomUUID())).not.toBeNull();
      if (odd === 'an id that is taken') expect(await keep(randomUUID(), id)).not.toBeNull();
      const counted = () =>
        server.dataSource.query('SELECT (SELECT count(*) FROM reading), (SELECT count(*) FROM journal) AS written');
      const before = await counted();
      expect(await keep(write.writeId, id)).toBeNull();
      expect(await counted()).toEqual(before);
    },
  );

  it('goes in once when it is sent eight times at once', async () => {
    const bikeId = await bike();
    const id = randomUUID();
    const writeId = randomUUID();
    const put = () => server.send('PUT', `/api/bikes/${bikeId}/readings/${id}`, sent, { 'x-write-id': writeId });
    const answers = await Promise.all(Array.from({ length: 8 }, put));
    expect(answers.map(({ status }) => status)).toEqual(Array(8).fill(201));
    for (const { json } of answers) expect(json).toEqual(answers[0]!.json);
    expect(await journalOf(bikeId, id)).toHaveLength(1);
  });

  it('never comes after the bike was taken out, when both are sent at once', async () => {
    const bikeId = await bike();
    const out = server.send('PUT', `/api/bikes/${bikeId}/withdrawal`, {});
    const puts = Array.from({ length: 12 }, () =>
      server.send('PUT', `/api/bikes/${bikeId}/readings/${randomUUID()}`, sent),
    );
    expect((await out).status).toBe(200);
    const kept = (await Promise.all(puts)).filter(({ status }) => status === 201).length;
    for (const answer of await Promise.all(puts)) expect([201, 410]).toContain(answer.status);
    const [{ count }] = await server.dataSource.query('SELECT count(*)::int FROM reading WHERE bike_id = $1', [bikeId]);
    expect(count).toBe(kept);
    const late = await server.send('PUT', `/api/bikes/${bikeId}/readings/${randomUUID()}`, sent);
    expect(late.status).toBe(410);
  });
});
