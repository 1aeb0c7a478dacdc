import { randomUUID } from 'node:crypto';

import sharp from 'sharp';

import { demoWheel } from '../src/demo/wheels';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const at = '2026-03-02T09:00:00.000Z';
const bakery = '00000003-0000-4000-8000-000000000001';
const longtail = '00000003-0000-4000-8000-000000000003';
const tourer = '00000003-0000-4000-8000-000000000004';

async function newBike() {
  const id = randomUUID();
  await server.send('PUT', `/api/bikes/${id}`, { tag: 'E-1', name: 'Events', kind: 'upright' });
  return id;
}

const put = (bike: string, kind: string, data: object, headers = {}, place = 'rear-axle') =>
  server.send('PUT', `/api/bikes/${bike}/events/${randomUUID()}`, { kind, place, data, at }, headers);

const picture = (width: number, height: number, format: 'jpeg' | 'png' | 'tiff' | 'gif' = 'jpeg') =>
  sharp({ create: { width, height, channels: 3, background: '#888' } })
    .toFormat(format)
    .toBuffer();

const sendPhoto = async (bike: string, bytes: Buffer, change: object = {}, id = randomUUID()) =>
  server.send('PUT', `/api/bikes/${bike}/photos/${id}`, {
    place: 'bike',
    about: 'condition',
    picture: bytes.toString('base64'),
    takenAt: at,
    ...change,
  });

describe('events of a job', () => {
  it('are added once, stand in the record with who said it, and are withdrawn', async () => {
    const bike = await newBike();
    const id = randomUUID();
    const body = { kind: 'note', place: 'front-axle', data: { words: 'Paint is flaking at the left tip.' }, at };
    const writeId = randomUUID();
    for (let times = 0; times < 2; times++) {
      const sent = await server.send('PUT', `/api/bikes/${bike}/events/${id}`, body, { 'x-write-id': writeId });
      expect(sent.status).toBe(201);
    }
    expect((await server.send('PUT', `/api/bikes/${bike}/events/${id}`, body)).json.code).toBe('id-taken');
    await server.send('PUT', `/api/bikes/${bike}/events/${id}/withdrawal`, { because: 'wrong bike' });
    const { events } = (await server.send('GET', `/api/bikes/${bike}`)).json;
    expect(events).toMatchObject([{ id, kind: 'note', person: 'Hand', withdrawnAt: expect.any(String) }]);
  });

  it.each([
    ['step', { stepId: 'x', how: 'perhaps' }, 'how'],
    ['step', { stepId: 'x', how: 'done', readings: [{ check: 'nut', value: 9000 }] }, 'readings.0.value'],
    ['truing', { spokes: [{ side: 'left', lateralMm: 90 }] }, 'lateralMm'],
    ['came-off', { side: 'left', parts: [{ kind: 'cheese' }] }, 'kind'],
    ['note', { words: '' }, 'words'],
    ['note', { words: 'x', more: 1 }, 'more'],
    ['gossip', {}, 'kind'],
    ['came-off', { side: 'left', parts: [] }, 'place', 'bar'],
  ])('say what does not hold: %s %j', async (kind, data, field, place = 'front-axle') => {
    const { status, json } = await put(await newBike(), kind, data, {}, place);
    expect(status).toBe(422);
    expect(JSON.stringify(json.errors)).toContain(field);
  });

  it('take the second person’s word only from another installer or owner, and only for what is done', async () => {
    const installer = { cookie: await server.signedIn('installer') };
    const other = { cookie: await server.signedIn('installer') };
    const learner = { cookie: await server.signedIn('learner') };
    const step = (stepId: string, how: string, headers: object) => put(longtail, 'step', { stepId, how }, headers);
    expect((await step('parcel-look.rear', 'confirmed', other)).status).toBe(422);
    expect((await step('parcel-look.rear', 'done', installer)).status).toBe(201);
    expect((await step('parcel-look.rear', 'confirmed', installer)).json.code).toBe('not-allowed');
    expect((await step('parcel-look.rear', 'confirmed', learner)).json.code).toBe('not-allowed');
    expect((await step('parcel-look.rear', 'confirmed', other)).status).toBe(201);
  });

  it('end a step only as the plan has it: in it, after what comes first, and not on a learner’s word where safety hangs on it', async () => {
    const installer = { cookie: await server.signedIn('installer') };
    const learner = { cookie: await server.signedIn('learner') };
    const done = (stepId: string, headers: object, bike = tourer, end = 'front') =>
      put(bike, 'step', { stepId, how: 'done' }, headers, `${end}-axle`);
    expect((await done('axle-tight.front', installer)).json.errors[0].messages[0]).toMatch(/waits for .*seated/);
    expect((await done('axle-tight.rear', installer)).json.errors[0].messages[0]).toMatch(/not in the plan/);
    expect((await done('power-up', installer)).status).toBe(422);
    expect((await done('parcel-look.front', learner)).status).toBe(201);
    expect((await done('parcel-count.front', installer)).status).toBe(201);
    const { json } = await server.send('GET', `/api/bikes/${tourer}`);
    expect(json.events.map(({ data }: { data: { stepId: string } }) => data.stepId).sort()).toEqual([
      'parcel-count.front',
      'parcel-look.front',
    ]);
  });

  it('are taken back by their author or the owner where somebody answers for them', async () => {
    const author = { cookie: await server.signedIn('installer') };
    const other = { cookie: await server.signedIn('installer') };
    const id = randomUUID();
    const body = {
      kind: 'irreversible',
      place: 'front-axle',
      data: { what: 'filed', where: 'left slot', amountMm: 0.3 },
      at,
    };
    expect((await server.send('PUT', `/api/bikes/${tourer}/events/${id}`, body, author)).status).toBe(201);
    const back = (headers: Record<string, string>) =>
      server.send('PUT', `/api/bikes/${tourer}/events/${id}/withdrawal`, {}, headers);
    expect((await back(other)).json.code).toBe('not-allowed');
    expect((await back(author)).status).toBe(200);
  });

  it('take no skipped safety step; the owner stands in for one, with a reason that says something', async () => {
    const installer = { cookie: await server.signedIn('installer') };
    const owner = { cookie: await server.signedIn('owner') };
    const step = (how: string, because: string, headers: object, stepId = 'axle-tight.rear') =>
      put(longtail, 'step', { stepId, how, because }, headers);
    const reason = 'The frame builder fits and torques these nuts himself';
    expect((await step('skipped', reason, owner)).json.errors[0].path).toBe('data.how');
    expect((await step('stood-in', reason, installer)).json.code).toBe('not-allowed');
    expect((await step('stood-in', 'no', owner)).json.errors[0].path).toBe('data.because');
    expect((await step('stood-in', reason, owner, 'faces-clean.rear')).json.errors[0].messages[0]).toContain('skipped');
    expect((await step('stood-in', reason, owner, 'nonsense')).json.errors[0].path).toBe('data.stepId');
    expect((await step('stood-in', reason, owner)).status).toBe(201);
    expect((await step('skipped', 'clean already', installer, 'faces-clean.rear')).status).toBe(201);
  });

  it('bring overrides and confirmations in with a job only by the owner', async () => {
    const bike = await newBike();
    const installer = { cookie: await server.signedIn('installer') };
    const words = { stepId: 'axle-tight.front', how: 'confirmed' };
    await server.dataSource.query(
      `INSERT INTO job_event (id, bike_id, kind, place, schema_version, data, at, person_name)
       VALUES (gen_random_uuid(), $1, 'step', 'front-axle', 2, $2, now(), 'Hand')`,
      [bike, words],
    );
    const file = (await server.send('GET', `/api/jobs/${bike}`)).json;
    await server.dataSource.query('DELETE FROM job_event WHERE bike_id = $1', [bike]);
    await server.dataSource.query('DELETE FROM journal WHERE bike_id = $1', [bike]);
    await server.dataSource.query('DELETE FROM bike WHERE id = $1', [bike]);
    const refused = await server.send('PUT', `/api/jobs/${randomUUID()}`, file, installer);
    expect([refused.status, refused.json.code]).toEqual([403, 'not-allowed']);
    expect((await server.send('PUT', `/api/jobs/${randomUUID()}`, file)).status).toBe(201);
  });

  it('keep overrides to the owner, to a stop that stands, and to what may be overridden', async () => {
    const wheelId = demoWheel('FW-1').id;
    await server.send('PUT', `/api/bikes/${bakery}/choices/${randomUUID()}`, {
      place: 'front-axle',
      kind: 'wheel',
      wheelId,
      chosenAt: new Date().toISOString(),
    });
    const data = { wheelId, findingId: 'law-power', because: 'On private ground only.' };
    const installer = await server.signedIn('installer');
    expect((await put(bakery, 'override', data, { cookie: installer }, 'front-axle')).status).toBe(403);
    const notThere = await put(bakery, 'override', { ...data, findingId: 'carbon' }, {}, 'front-axle');
    expect(notThere.status).toBe(422);
    expect(notThere.json.errors[0].path).toBe('data.findingId');
    const { events } = (await server.send('GET', `/api/bikes/${bakery}`)).json;
    expect(events.filter(({ kind }: { kind: string }) => kind === 'override')).toEqual([]);
  });
});

describe('photos', () => {
  it('are written anew: smaller, upright, without what the phone wrote into them', async () => {
    const bike = await newBike();
    const bytes = await sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#c9e04a' } })
      .withExif({ IFD0: { Copyright: 'secret place' } })
      .jpeg()
      .toBuffer();
    expect(bytes.includes('secret place')).toBe(true);
    const { status, json } = await sendPhoto(bike, bytes);
    expect(status).toBe(201);
    expect(json).toMatchObject({ about: 'condition', widthPx: 1600, heightPx: 1067, person: 'Hand' });
    const response = await server.app.request(`/api/bikes/${bike}/photos/${json.id}`, {
      headers: { cookie: await server.signedIn('learner') },
    });
    expect(response.headers.get('content-type')).toBe('image/jpeg');
    expect(response.headers.get('cache-control')).toContain('immutable');
    expect(Buffer.from(await response.arrayBuffer()).includes('secret place')).toBe(false);
  });

  it.each([
    ['text that calls itself a picture', async () => Buffer.from('<svg onload="alert(1)"></svg>')],
    ['a kind that is not taken', () => picture(40, 40, 'tiff')],
    ['a picture that breaks off', async () => (await picture(900, 900)).subarray(0, 500)],
    ['nothing', async () => Buffer.from([])],
    ['a small file that unfolds into a huge picture', () => picture(9000, 9000, 'png')],
  ])('refuse %s', async (_, make) => {
    const { status, json } = await sendPhoto(await newBike(), await make());
    expect(status).toBe(422);
    expect(json.errors[0].path).toBe('picture');
  });

  it('refuse what is larger than may be sent, before reading it', async () => {
    const { status, json } = await sendPhoto(await newBike(), Buffer.alloc(5 * 1024 * 1024));
    expect({ status, code: json.code }).toEqual({ status: 413, code: 'body-too-large' });
  });

  it('are withdrawn, not deleted, and belong to one bike only', async () => {
    const [bike, other] = [await newBike(), await newBike()];
    const { json } = await sendPhoto(bike, await picture(40, 30));
    expect((await server.send('PUT', `/api/bikes/${other}/photos/${json.id}/withdrawal`, {})).status).toBe(404);
    await server.send('PUT', `/api/bikes/${bike}/photos/${json.id}/withdrawal`, {});
    const { photos } = (await server.send('GET', `/api/bikes/${bike}`)).json;
    expect(photos).toMatchObject([{ id: json.id, withdrawnAt: expect.any(String) }]);
  });

  it('and events go out and in with the job, exactly', async () => {
    const bike = await newBike();
    await sendPhoto(bike, await picture(400, 300), { note: 'Left tip' });
    await put(bike, 'irreversible', { what: 'filed', where: 'left slot', amountMm: 0.25 });
    const job = (await server.send('GET', `/api/jobs/${bike}`)).json;
    expect(job.record.photos[0].picture.length).toBeGreaterThan(100);
    await server.dataSource.query(`DELETE FROM photo WHERE bike_id = '${bike}'`);
    await server.dataSource.query(`DELETE FROM job_event WHERE bike_id = '${bike}'`);
    await server.dataSource.query(`DELETE FROM journal WHERE bike_id = '${bike}'`);
    await server.dataSource.query(`DELETE FROM bike WHERE id = '${bike}'`);
    expect((await server.send('PUT', `/api/jobs/${randomUUID()}`, job)).status).toBe(201);
    const [event] = job.record.events;
    Object.assign(event, { imported: true, receivedAt: expect.any(String) });
    expect((await server.send('GET', `/api/jobs/${bike}`)).json).toEqual(job);
  });

  it('come in with a job written anew, unless nothing but a small picture is in them', async () => {
    const bike = await newBike();
    await sendPhoto(bike, await picture(400, 300));
    const job = (await server.send('GET', `/api/jobs/${bike}`)).json;
    await server.dataSource.query(`DELETE FROM photo WHERE bike_id = '${bike}'`);
    await server.dataSource.query(`DELETE FROM journal WHERE bike_id = '${bike}'`);
    await server.dataSource.query(`DELETE FROM bike WHERE id = '${bike}'`);
    const [clean] = job.record.photos;
    const bytes = Buffer.from(clean.picture, 'base64');
    const spoken = await sharp(bytes)
      .withExif({ IFD0: { Copyright: 'secret place' } })
      .jpeg()
      .toBuffer();
    const large = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#0a7' } })
      .jpeg()
      .toBuffer();
    const behind = Buffer.concat([bytes, Buffer.from('<script>secret place</script>')]);
    job.record.photos = [bytes, spoken, large, behind].map((each, at) => ({
      ...clean,
      id: at === 0 ? clean.id : randomUUID(),
      picture: each.toString('base64'),
    }));
    expect((await server.send('PUT', `/api/jobs/${randomUUID()}`, job)).status).toBe(201);
    const kept: Buffer[] = [];
    for (const { id } of job.record.photos) {
      const response = await server.app.request(`/api/bikes/${bike}/photos/${id}`, {
        headers: { cookie: await server.signedIn('learner') },
      });
      kept.push(Buffer.from(await response.arrayBuffer()));
    }
    expect(kept[0]!.equals(bytes)).toBe(true);
    for (const one of kept) expect(one.includes('secret place')).toBe(false);
    expect((await sharp(kept[2]).metadata()).width).toBe(1600);
  });

  it('have so much room for each bike that a job goes out and comes in again', async () => {
    const bike = await newBike();
    await sendPhoto(bike, await picture(400, 300));
    await server.dataSource.query(`UPDATE photo SET picture = repeat('x', 41940000)::bytea WHERE bike_id = $1`, [bike]);
    const { status, json } = await sendPhoto(bike, await picture(1200, 900));
    expect([status, json.errors[0].path]).toEqual([422, 'picture']);
    expect(json.errors[0].messages[0]).toContain('of 40.0 MB');
  });
});
