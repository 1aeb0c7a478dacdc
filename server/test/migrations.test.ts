import { storeItems } from '@cricket/core/parts';

import { allStores } from '../src/data/stock';
import { settingsId, shopSettings } from '../src/data/workshop';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

/** Undoes migrations until this one, and it, is gone. */
async function undoTo(name: string): Promise<void> {
  const done = server.dataSource.migrations.map((migration) => migration.name!);
  const from = done.findIndex((each) => each.startsWith(name));
  for (let left = done.length - from; left > 0; left--) await server.dataSource.undoLastMigration();
}

describe('the migrations', () => {
  it('make exactly what the entities describe', async () => {
    const { upQueries } = await server.dataSource.driver.createSchemaBuilder().log();
    // Names of primary keys differ from those that would be made up; columns, types, indexes and foreign keys must not.
    const drift = upQueries.map(({ query }) => query).filter((query) => !/RENAME CONSTRAINT|_pk"/.test(query));
    expect(drift).toEqual([]);
  });

  it('run once however often they are asked', async () => {
    expect(await server.dataSource.runMigrations()).toEqual([]);
    expect(await server.dataSource.showMigrations()).toBe(false);
  });

  it('keep what a shop asks of a second person when yes or no becomes where', async () => {
    const put = (settings: string) =>
      server.dataSource.query(
        `INSERT INTO shop_settings (id, settings, version) VALUES ('${settingsId}', '${settings}', 1)
         ON CONFLICT (id) DO UPDATE SET settings = EXCLUDED.settings`,
      );
    const asked = async () => (await shopSettings(server.dataSource)).secondPerson;
    for (const [before, after] of [
      ['{"secondPerson": true}', 'telling'],
      ['{"secondPerson": false}', 'none'],
      ['{"hourlyRate": 60}', undefined],
    ] as const) {
      await undoTo('SecondLooks');
      await put(before);
      await server.dataSource.runMigrations();
      expect(await asked()).toBe(after);
    }
    await put('{"secondPerson": "every"}');
    await undoTo('SecondLooks');
    expect(await asked()).toBe(true);
    await server.dataSource.runMigrations();
  });

  it('keep what a kit without rim and battery meant, and drop minutes that no longer count', async () => {
    await undoTo('NoneIsSaid');
    const id = '00000000-0000-4000-8000-0000000000aa';
    await server.dataSource.query(
      `INSERT INTO wheel (id, code, spec, note, version) VALUES ('${id}', 'FW-99', '{"kit": {"massKg": 3, "battery": {"Wh": 400}}}', '', 1)`,
    );
    await server.dataSource.query(
      `UPDATE shop_settings SET settings = '{"limits": {"minutesWheel": 50, "fileMm": 0.8}}' WHERE id = '${settingsId}'`,
    );
    await server.dataSource.runMigrations();
    const [{ spec }] = await server.dataSource.query(`SELECT spec FROM wheel WHERE id = '${id}'`);
    expect(spec.kit).toEqual({ massKg: 3, battery: { Wh: 400 }, rim: null });
    expect((await shopSettings(server.dataSource)).limits).toEqual({ fileMm: 0.8 });
    await server.dataSource.query(`DELETE FROM wheel WHERE id = '${id}'`);
  });

  it('go back and forth', async () => {
    for (const _ of server.dataSource.migrations) await server.dataSource.undoLastMigration();
    const tables = () =>
      server.dataSource.query(
        "SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'migrations'",
      );
    expect(await tables()).toEqual([]);
    await server.dataSource.runMigrations();
    expect(await tables()).toHaveLength(17);
  });
});

describe('a shop that goes back a version and forth again', () => {
  let shop: FreshServer;
  beforeAll(async () => {
    shop = await freshServer({ demo: true });
  });
  afterAll(() => shop.close());

  it('has every part, with its figures and what lies in its drawer', async () => {
    const before = await allStores(shop.dataSource);
    const [bike] = (await shop.send('GET', '/api/bikes')).json;
    const name = 'Parts';
    const { migrations } = shop.dataSource;
    const from = migrations.findIndex((migration) => migration.name!.startsWith(name));
    expect(from).toBeGreaterThan(0);
    for (let left = migrations.length - from; left > 0; left--) await shop.dataSource.undoLastMigration();
    const [{ thickness_mm, bore_mm }] = await shop.dataSource.query(
      "SELECT thickness_mm, bore_mm FROM store_item WHERE kind = 'rotor-bolt' ORDER BY id LIMIT 1",
    );
    expect([thickness_mm, bore_mm]).toEqual([5, 5]);
    await shop.dataSource.runMigrations();
    const after = new Map((await allStores(shop.dataSource)).map((part) => [part.id, part]));
    expect(after.size).toBe(before.length);
    // What was left open on an arm is said on the way: to a calculator it is the same.
    for (const part of before) expect(storeItems([after.get(part.id)!])).toEqual(storeItems([part]));
    expect((await shop.send('GET', '/api/bikes')).json[0].next).toEqual(bike.next);
  });
});
