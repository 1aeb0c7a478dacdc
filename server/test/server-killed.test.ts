import { killDrill } from './kill-drill.testing';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
  // The drill's first visitor becomes the owner.
  await server.dataSource.query('DELETE FROM session');
  await server.dataSource.query('DELETE FROM person');
});
afterAll(() => server.close());

it('has every acknowledged write exactly once after the server was killed in the middle of writes', async () => {
  const result = await killDrill(server.databaseUrl, 5);
  expect(result).toMatchObject({ kills: 5, lost: 0, doubled: 0 });
  expect(result.acknowledged).toBe(6 * 30);
  // At least one death met writes under way, else it was no drill.
  expect(result.sentAgain).toBeGreaterThan(0);
}, 120_000);
