import { randomUUID } from 'node:crypto';

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
});
