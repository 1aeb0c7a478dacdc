import { randomUUID } from 'node:crypto';

import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer();
});
afterAll(() => server.close());

const newBike = async () => {
  const id = randomUUID();
  await server.send('PUT', `/api/bikes/${id}`, { tag: 'MQ-9', name: 'Test bike', kind: 'upright' });
  return id;
};

describe('orders', () => {
  const line = {
    place: 'front-axle',
    what: 'Kit FW-1',
    count: 1,
    reason: 'The conversion.',
    costEach: 360,
    leadDays: 8,
    state: 'ordered',
    version: 0,
  };

  it('go from ordered to received, each step with its version', async () => {
    const id = await newBike();
    const lineId = randomUUID();
    const first = await server.send('PUT', `/api/bikes/${id}/orders/${lineId}`, line);
    expect(first.json).toMatchObject({ state: 'ordered', version: 1, bikeId: id });
    const second = await server.send('PUT', `/api/bikes/${id}/orders/${lineId}`, {
      ...line,
      state: 'received',
      version: 1,
    });
    expect(second.json).toMatchObject({ state: 'received', version: 2 });
    const stale = await server.send('PUT', `/api/bikes/${id}/orders/${lineId}`, { ...line, version: 1 });
    expect(stale.status).toBe(409);
    const record = await server.send('GET', `/api/bikes/${id}`);
    expect(record.json.orders).toHaveLength(1);
    const other = await newBike();
    const stolen = await server.send('PUT', `/api/bikes/${other}/orders/${lineId}`, { ...line, version: 2 });
    expect(stolen.status).toBe(409);
  });

  it('keep their reason as what is to be said, out of one shop and into another', async () => {
    const id = await newBike();
    const because = { said: 'fit.left-out-of-this-bike' };
    const lineId = randomUUID();
    const put = await server.send('PUT', `/api/bikes/${id}/orders/${lineId}`, { ...line, because });
    expect(put.json).toMatchObject({ because, reason: line.reason });
    const job = await server.send('GET', `/api/jobs/${id}`);
    expect(job.json.record.orders).toMatchObject([{ because }]);
    // An earlier version of the app sends none.
    const again = await server.send('PUT', `/api/bikes/${id}/orders/${randomUUID()}`, line);
    expect(again.json.because).toBeNull();
  });

  it('refuse an unknown state and an absurd count', async () => {
    const id = await newBike();
    const unsayable = { because: { said: 'fit.throttle', with: { what: null } } };
    for (const bad of [{ state: 'lost' }, { count: 0 }, { costEach: -1 }, { more: 1 }, unsayable]) {
      const put = await server.send('PUT', `/api/bikes/${id}/orders/${randomUUID()}`, { ...line, ...bad });
      expect(put.status).toBe(422);
    }
  });
});
