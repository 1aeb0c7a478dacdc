import { settingsId, shopSettings } from '../src/data/workshop';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

describe('the migrations', () => {
  it('make exactly what the entities describe', async () => {
    const { upQueries } = await server.dataSource.driver.createSchemaBuilder().log();
    // Names of keys differ from those that would be made up; columns, types and indexes must not.
    const drift = upQueries
      .map(({ query }) => query)
      .filter((query) => !/RENAME CONSTRAINT|_pk"|FOREIGN KEY|DROP CONSTRAINT/.test(query));
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
      await server.dataSource.undoLastMigration();
      await put(before);
      await server.dataSource.runMigrations();
      expect(await asked()).toBe(after);
    }
    await put('{"secondPerson": "every"}');
    await server.dataSource.undoLastMigration();
    expect(await asked()).toBe(true);
    await server.dataSource.runMigrations();
  });

  it('go back and forth', async () => {
    for (const _ of server.dataSource.migrations) await server.dataSource.undoLastMigration();
    const tables = () =>
      server.dataSource.query(
        "SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'migrations'",
      );
    expect(await tables()).toEqual([]);
    await server.dataSource.runMigrations();
    expect(await tables()).toHaveLength(14);
  });
});
