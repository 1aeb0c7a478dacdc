import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';

import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord, StackAcceptance, Wheel } from '@cricket/contract/shapes';
import { inputErrors } from '@cricket/core/input';
import { endState, type Workshop } from '@cricket/core/next-action';
import { partSpecs } from '@cricket/core/part-specs';
import type { DataSource } from 'typeorm';

import { journalRows, recordsOf } from '../src/data/records';
import { allStores } from '../src/data/stock';
import { workshopOf } from '../src/data/workshop';
import { demoStores } from '../src/demo/stores';
import { freshServer, type FreshServer } from './fresh-server.testing';

/** What the version of that time said of its own demo: counts, take-in, and every verdict. */
interface Said {
  next: string;
  readings: number;
  choices: number;
  stacks: number;
  orders: number;
  events: number;
  photos: number;
  journal: number;
  facts: object;
  front: EndSaid;
  rear: EndSaid;
}
interface EndSaid {
  wheel: string | null;
  verdict: string | null;
  findings: string[];
}

const earlier = (name: string) => join(__dirname, 'earlier', name);
const unzipped = (name: string) => gunzipSync(readFileSync(earlier(name))).toString('utf8');
const said = JSON.parse(readFileSync(earlier('said-9.json'), 'utf8')) as Record<string, Said>;

async function everyBike(dataSource: DataSource): Promise<BikeRecord[]> {
  const rows: { id: string }[] = await dataSource.query('SELECT id FROM bike');
  const records = await recordsOf(
    dataSource,
    rows.map(({ id }) => id),
  );
  return records.sort((a, b) => a.bike.id.localeCompare(b.bike.id));
}

const atBike = ({ readings }: BikeRecord) => readings.filter(({ place }) => place === 'bike');

function saysNow(record: BikeRecord, workshop: Workshop): Pick<Said, 'front' | 'rear'> {
  const at = (end: 'front' | 'rear'): EndSaid => {
    const { wheel, fit } = endState(coreRecord(record), end, workshop);
    return {
      wheel: wheel?.code ?? null,
      verdict: fit?.verdict ?? null,
      findings: (fit?.findings ?? []).map(({ id, verdict }) => `${id} ${verdict}`),
    };
  };
  return { front: at('front'), rear: at('rear') };
}

describe('the database of an earlier version', () => {
  let server: FreshServer;
  let dataSource: DataSource;
  beforeAll(async () => {
    server = await freshServer();
    ({ dataSource } = server);
    await dataSource.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
    // All of it in one go, as it was dumped; on a connection that is not used again, since the dump empties its search path.
    const runner = dataSource.createQueryRunner();
    await runner.query(unzipped('demo-9.sql.gz'));
    await runner.query("SELECT set_config('search_path', 'public', false)");
    await runner.release();
    await dataSource.runMigrations();
  }, 60_000);
  afterAll(() => server.close());

  it('has every line of its stores as a part, told by what its kind is told by', async () => {
    const now = new Map((await allStores(dataSource)).map((part) => [part.id, part]));
    expect(now.size).toBe(demoStores.length);
    for (const { id, kind, spec, label, costEach, count } of demoStores) {
      expect(now.get(id)).toMatchObject({ kind, spec, label, costEach, count });
      expect(inputErrors(partSpecs[kind], now.get(id)!.spec)).toEqual([]);
    }
  });

  it('comes through whole, with the same verdicts', async () => {
    const records = await everyBike(dataSource);
    const workshop = await workshopOf(dataSource);
    expect(records.map(({ bike }) => bike.tag).sort()).toEqual(Object.keys(said).sort());
    for (const record of records) {
      const before = said[record.bike.tag]!;
      expect(record.bike.facts).toEqual(before.facts);
      expect({
        readings: record.readings.length - atBike(record).length,
        choices: record.choices.length,
        stacks: record.acceptances.length,
        orders: record.orders.length,
        events: record.events.length,
        photos: record.photos.length,
        journal: (await journalRows(dataSource, record.bike.id, null)).length,
      }).toEqual({
        readings: before.readings,
        choices: before.choices,
        stacks: before.stacks,
        orders: before.orders,
        events: before.events,
        photos: before.photos,
        journal: before.journal,
      });
      const { front, rear } = before;
      expect(saysNow(record, workshop)).toEqual({ front, rear });
    }
  });

  it('has every row signed by a person of the shop', async () => {
    for (const { readings, choices, acceptances, orders, events, photos } of await everyBike(dataSource)) {
      for (const { person, personId } of [...readings, ...choices, ...acceptances, ...orders, ...events, ...photos]) {
        expect(person).toBe('Wren');
        expect(personId).toEqual(expect.any(String));
      }
    }
  });

  it('goes back to what it was, and forth again', async () => {
    const count = async (table: string) => (await dataSource.query(`SELECT * FROM ${table}`)).length as number;
    const counts = async () => [await count('reading'), await count('job_event'), await count('photo')];
    const before = await counts();
    const facts = async () => (await everyBike(dataSource)).map(({ bike }) => bike.facts);
    const known = await facts();
    while ((await dataSource.query("SELECT 1 FROM migrations WHERE name LIKE 'Places%'")).length > 0) {
      await dataSource.undoLastMigration();
    }
    const [{ facts: lump }] = await dataSource.query("SELECT facts FROM bike WHERE tag = 'MQ-33'");
    expect(lump).toEqual(said['MQ-33']!.facts);
    await dataSource.runMigrations();
    expect(await counts()).toEqual(before);
    expect(await facts()).toEqual(known);
  });
});

describe('a job file of the first version', () => {
  let shop: FreshServer;
  beforeAll(async () => {
    shop = await freshServer();
    const wheels = JSON.parse(JSON.stringify((await import('../src/demo/wheels')).demoWheels)) as Wheel[];
    await shop.send('PUT', `/api/wheels/imports/${randomUUID()}`, { rows: wheels });
  });
  afterAll(() => shop.close());

  it.each(['MQ-25', 'MQ-33'])('is read in whole: %s', async (tag) => {
    const job = JSON.parse(unzipped(`job-1-${tag}.json.gz`)) as { format: string; record: { bike: { id: string } } };
    expect(job.format).toBe('cricket-job-1');
    const put = await shop.send('PUT', `/api/jobs/${randomUUID()}`, job);
    expect(put.status).toBe(201);
    const record = put.json as BikeRecord;
    const before = said[tag]!;
    expect(record.bike.facts).toEqual(before.facts);
    expect(record.readings.length - atBike(record).length).toBe(before.readings);
    expect(record.choices).toHaveLength(before.choices);
    expect(record.acceptances).toHaveLength(before.stacks);
    expect(record.events).toHaveLength(before.events);
    expect(record.photos).toHaveLength(before.photos);
    const [taken] = record.acceptances;
    expect(taken).toMatchObject({ kind: 'stack', person: 'Wren', personId: null, imported: true });
    expect((taken as StackAcceptance).input.wheel.code).toBe((before.rear.wheel ?? before.front.wheel)!);
    // And goes out as today's.
    const { json: out } = await shop.send('GET', `/api/jobs/${job.record.bike.id}`);
    expect(out.format).toBe('cricket-job-2');
  });

  it('names what does not hold in it', async () => {
    const job = JSON.parse(unzipped('job-1-MQ-33.json.gz'));
    job.record.readings = 'many';
    const put = await shop.send('PUT', `/api/jobs/${randomUUID()}`, job);
    expect(put).toMatchObject({ status: 422, json: { errors: [{ path: 'record.readings' }] } });
  });
});
