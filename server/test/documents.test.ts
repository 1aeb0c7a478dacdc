import { asWritten } from '@cricket/core/said';
import { stacksOf } from '@cricket/contract/core-record';
import type { StackAcceptance } from '@cricket/contract/shapes';
import type { FitReport } from '@cricket/core/fit';
import { costTable } from '@cricket/core/job-cost';

import { bikeRecord } from '../src/data/records';
import { workshopOf } from '../src/data/workshop';
import { asAccepted, jobData, type JobData } from '../src/documents/job-data';
import { costPart, judgedAnew, problemsOf, unfitNow } from '../src/documents/job-sheet';
import { roomPart } from '../src/documents/room-part';
import { speakers } from '../src/speech/speakers';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const longtail = '00000003-0000-4000-8000-000000000003';

async function fetched(path: string) {
  const cookie = await server.signedIn('learner');
  const response = await server.app.request(path, { headers: { cookie } });
  return { response, bytes: Buffer.from(await response.arrayBuffer()) };
}

describe('sheets to print', () => {
  it.each([
    ['the job sheet', `/api/bikes/${longtail}/job-sheet`, 'MQ-33-job-sheet.pdf', 2],
    ['the stack card', `/api/bikes/${longtail}/stack-card/rear`, 'MQ-33-rear-stack.pdf', 1],
    [
      'a job sheet before a kit is taken',
      '/api/bikes/00000003-0000-4000-8000-000000000001/job-sheet',
      'job-sheet.pdf',
      1,
    ],
  ])('%s is a PDF with our face in it', async (_, path, name, pages) => {
    const { response, bytes } = await fetched(path);
    expect(response.status).toBe(200);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    expect(response.headers.get('content-disposition')).toContain(name);
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
    const text = bytes.toString('latin1');
    expect(text).toMatch(/AtkinsonHyperlegible/);
    expect(Number(/\/Count (\d+)/.exec(text)![1])).toBeGreaterThanOrEqual(pages);
  });

  it('are printed in the language of who asks, or in the one that is named', async () => {
    const path = `/api/bikes/${longtail}/job-sheet`;
    const { manager } = server.dataSource;
    const [record, workshop] = [await bikeRecord(manager, longtail), await workshopOf(manager)];
    const german = jobData(record, workshop, {}, 'de');
    const told = JSON.stringify([
      ...roomPart(german),
      ...unfitNow(german, 'rear'),
      ...costPart({ ...german, costs: null, currency: null }),
    ]);
    expect(told).toContain('Lenker: Geht. Übernommen');
    expect(told).not.toMatch(/\b(the|and|not|taken)\b/i);
    const named = (language: string) => fetched(`${path}?language=${language}`);
    expect((await named('de')).bytes.equals((await named('en')).bytes)).toBe(false);
    const refused = await named('fr');
    expect([refused.response.status, JSON.parse(refused.bytes.toString()).errors[0].path]).toEqual([422, 'language']);
  });

  it('are not there without a stack, a bike or a session', async () => {
    expect((await fetched(`/api/bikes/${longtail}/stack-card/front`)).response.status).toBe(404);
    expect((await fetched('/api/bikes/00000003-0000-4000-8000-0000000000ff/job-sheet')).response.status).toBe(404);
    expect((await server.app.request(`/api/bikes/${longtail}/job-sheet`)).status).toBe(401);
  });
});

describe('everything besides the axles, on paper', () => {
  const states = { front: { wheel: null }, rear: { wheel: null } } as never;
  const units = { length: 'mm', speed: 'km/h' } as never;
  const part = (facts: object) =>
    JSON.stringify(
      roomPart({
        record: { bike: { facts }, acceptances: [], events: [] } as never,
        states,
        units,
        timeZone: 'UTC',
        speaker: speakers.en,
      }),
    );

  it('is left out while nothing is written down', () => expect(part({})).toBe('[]'));

  it('says of each what does not simply go, and what would help', async () => {
    const { facts } = (await bikeRecord(server.dataSource.manager, longtail)).bike;
    const told = part(facts);
    expect(told).toContain('Handlebar: Goes');
    expect(told).toContain('Battery in the frame: Goes after work.');
    expect(told).toContain('hang on two fixings. Add a third fixing');
    expect(told).toContain('Band round tube and battery');
    expect(told).not.toContain('Battery on the rack');
  });

  it('says in red what two places want at once', () => {
    const told = part({ job: { battery: 'rack' }, rack: undefined, cranks: undefined, levers: undefined });
    expect(told).toBe('[]');
    const cranked = part({ job: { battery: 'rack' }, controller: controllerOf(5) });
    expect(cranked).toContain('The battery is to go on the rack, and the rack is not measured.');
    expect(cranked).toContain('#A22E1C');
  });
});

const controllerOf = (lossW: number) => ({
  box: { lengthMm: 120, widthMm: 60, heightMm: 35 },
  lossW,
  around: 'open',
  plugs: [],
});

describe('problems, on paper', () => {
  const step = { title: 'Tighten the nuts', end: 'front' };
  const noted = (because: string) => ({ because, person: 'Wren', at: '2026-03-02T23:30:00Z' });

  it('stand with who noted them; an open one stands out', () => {
    const state = { step, how: 'problem', problems: [noted('nut turns on'), noted('thread is torn')] };
    const told = problemsOf({ steps: [state as never], timeZone: 'Etc/UTC', speaker: speakers.en });
    expect(told.slice(1)).toEqual([
      expect.objectContaining({
        bold: false,
        text: expect.stringMatching(/^Put right. Tighten the nuts \(front\): nut turns on. Wren/),
      }),
      expect.objectContaining({ bold: true, text: expect.stringMatching(/^Open. .*thread is torn/) }),
    ]);
    expect(
      problemsOf({ steps: [{ ...state, how: 'done' } as never], timeZone: 'Etc/UTC', speaker: speakers.en })[0],
    ).not.toHaveProperty('color');
    expect(problemsOf({ steps: [], timeZone: 'Etc/UTC', speaker: speakers.en })).toEqual([]);
  });
});

describe('what it costs, on paper', () => {
  it('is the table of order and quote, in the money of the shop', () => {
    const line = {
      group: 'kit',
      what: asWritten('Kit RW-3'),
      count: 1,
      reason: asWritten(''),
      costEach: 1480,
      leadDays: 9,
    } as const;
    const costs = costTable([{ shopping: [line], tools: [] }], { minutes: 189, slowMinutes: 234 }, 60);
    const text = JSON.stringify(costPart({ costs, currency: 'EUR', speaker: speakers.en }));
    for (const told of [
      'What it costs',
      '€1\u00a0480',
      'Work: 3 h 09, slow 3 h 54, €60 an hour',
      '€1\u00a0669',
      'slow €1\u00a0714',
    ])
      expect(text).toContain(told);
    expect(text).not.toContain('Tools to buy');
    expect(costPart({ costs: null, currency: null, speaker: speakers.en })).toEqual([]);
  });
});

describe('a sheet printed later', () => {
  const taken = { result: { verdict: 'goes' } } as StackAcceptance;

  it('keeps what was judged when the stack was taken, and says what is judged otherwise since', () => {
    const findings = [
      { id: 'plate', verdict: 'stop', because: asWritten('The plate is cracked.') },
    ] as FitReport['findings'];
    expect(judgedAnew(taken, { verdict: 'goes', findings: [] }, speakers.en)).toEqual([]);
    expect(judgedAnew(null, { verdict: 'stop', findings }, speakers.en)).toEqual([]);
    expect(JSON.stringify(judgedAnew(taken, { verdict: 'stop', findings }, speakers.en))).toContain(
      'Judged anew with what is recorded today: Stop. The plate is cracked.',
    );
  });
});

describe('a sheet of an end that was found to be unfit', () => {
  it('says so first, with the reason; where nothing was taken there is nothing to take back', async () => {
    const { manager } = server.dataSource;
    const record = await bikeRecord(manager, longtail);
    const cracked = {
      ...record.readings.find(({ feature }) => feature === 'condition')!,
      word: 'cracked',
      takenAt: new Date().toISOString(),
    };
    const now = jobData({ ...record, readings: [...record.readings, cracked] }, await workshopOf(manager), {});
    const said = JSON.stringify(unfitNow(now, 'rear'));
    expect(said).toMatch(/rear end is not fit .*Stop/);
    expect(said).toMatch(/crack/);
    expect(unfitNow(jobData(record, await workshopOf(manager), {}), 'rear')).toEqual([]);
    expect(unfitNow({ ...now, record: { ...now.record, acceptances: [] } }, 'rear')).toEqual([]);
  });
});

describe('steps and torques on a sheet', () => {
  it('stay as they were when the stack was taken, whatever the shop sets since', async () => {
    const { manager } = server.dataSource;
    const sheet = async () => jobData(await bikeRecord(manager, longtail), await workshopOf(manager), {});
    const torques = ({ steps }: JobData) =>
      steps.flatMap(({ step }) => step.checks.flatMap((check) => (check.kind === 'torque' ? [check.nm] : [])));
    const before = asAccepted(await sheet());
    expect(torques(before).length).toBeGreaterThan(3);
    expect(before.steps.map(({ step }) => step)).toEqual((await sheet()).steps.map(({ step }) => step));

    const { json: settings } = await server.send('GET', '/api/shop/settings');
    const limits = { ...settings.limits, rotorNm: 3.9, leverNm: 2.2 };
    expect((await server.send('PUT', '/api/shop/settings', { ...settings, limits })).status).toBe(200);
    const today = await sheet();
    expect(torques(today)).not.toEqual(torques(before));
    expect(asAccepted(today).steps.map(({ step }) => step)).toEqual(before.steps.map(({ step }) => step));
  });

  it('are today’s where a stack was taken before they were kept', async () => {
    const { manager } = server.dataSource;
    const record = await bikeRecord(manager, longtail);
    const acceptances = stacksOf(record).map(({ result: { planned: _, ...result }, ...taken }) => ({
      ...taken,
      result,
    }));
    const today = jobData({ ...record, acceptances }, await workshopOf(manager), {});
    expect(asAccepted(today)).toBe(today);
  });
});

describe('minutes of the steps', () => {
  it('are summed over all jobs, by step, without what was withdrawn', async () => {
    const send = (id: string, minutes: number) =>
      server.send('PUT', `/api/bikes/${longtail}/events/${id}`, {
        kind: 'step',
        place: 'rear-axle',
        data: { stepId: 'parcel-look.rear', how: 'done', minutes },
        at: '2026-03-02T09:00:00.000Z',
      });
    const usual = (await server.send('GET', '/api/steps/minutes')).json['parcel-look.rear'] ?? { count: 0, sumLog: 0 };
    const ids = [
      '00000007-0000-4000-8000-000000000001',
      '00000007-0000-4000-8000-000000000002',
      '00000007-0000-4000-8000-000000000003',
    ];
    for (const [index, id] of ids.entries()) expect((await send(id, [10, 40, 900][index]!)).status).toBe(201);
    await server.send('PUT', `/api/bikes/${longtail}/events/${ids[2]}/withdrawal`, {});
    const { json } = await server.send('GET', '/api/steps/minutes');
    expect(json['parcel-look.rear'].count).toBe(usual.count + 2);
    expect(json['parcel-look.rear'].sumLog).toBeCloseTo(usual.sumLog + Math.log(10) + Math.log(40), 9);
  });
});
