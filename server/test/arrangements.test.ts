import { randomUUID } from 'node:crypto';

import { heldArrangements } from '@cricket/contract/core-record';
import type { ArrangementAcceptance, BikeRecord } from '@cricket/contract/shapes';
import type { Chosen } from '@cricket/core/acceptance';
import { factsOfStation } from '@cricket/core/arrangement';
import type { BikeFacts } from '@cricket/core/bike-facts';
import type { RoomStation } from '@cricket/core/whole-bike';

import { bikeRecord } from '../src/data/records';
import { workshopOf } from '../src/data/workshop';
import { jobData } from '../src/documents/job-data';
import { roomPart } from '../src/documents/room-part';
import { freshServer, type FreshServer } from './fresh-server.testing';

const longtail = '00000003-0000-4000-8000-000000000003';
const at = () => new Date().toISOString();

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

const record = (): Promise<BikeRecord> => bikeRecord(server.dataSource.manager, longtail);
const seen = async (kind: RoomStation) => factsOfStation((await record()).bike.facts, kind);
const take = (body: object, id: string = randomUUID(), headers: Record<string, string> = {}) =>
  server.send('PUT', `/api/bikes/${longtail}/arrangements/${id}`, { acceptedAt: at(), ...body }, headers);
const tell = (change: Record<string, unknown>) =>
  server.send('PUT', `/api/bikes/${longtail}/take-in/${randomUUID()}`, {
    tellings: Object.entries(change).map(([feature, is]) => ({ id: randomUUID(), feature, is })),
    takenAt: new Date().toISOString(),
  });
const sheet = async () => {
  const { manager } = server.dataSource;
  return JSON.stringify(roomPart(jobData(await record(), await workshopOf(manager), { timeZone: 'UTC' })));
};
const last = async (kind: RoomStation): Promise<ArrangementAcceptance> =>
  heldArrangements(await record()).find((each) => each.kind === kind)!;

describe('taking how something besides an axle is to be built', () => {
  it('works it out from what is told, and freezes it with who took it', async () => {
    const { status, json } = await take({ kind: 'cables', facts: await seen('cables') });
    expect(status).toBe(201);
    expect(json).toMatchObject({ kind: 'cables', place: 'loom', schemaVersion: 1, imported: false });
    expect(json.result.chosen.cables.length).toBeGreaterThan(1);
    expect(json.input.facts.cables).toBeDefined();
    // What it does not hang on is not kept with it.
    expect(Object.keys(json.input.facts)).toEqual(['cables']);
    const rows = (await server.send('GET', `/api/bikes/${longtail}/journal`)).json;
    expect(rows.some(({ action }: { action: string }) => action === 'cables-accepted')).toBe(true);
  });

  it('prints it as it was taken, whatever is told later, and says that it has changed', async () => {
    const before = await sheet();
    const { chosen } = (await last('bay')).result as { chosen: Chosen<'bay'> };
    expect(before).toContain(`its lower end ${Math.round(chosen.fromMm)} mm from the bottom bracket`);
    expect(before).not.toContain('has changed since it was taken');
    expect((await tell({ 'bay.at': { tube: 'down', fromMm: chosen.fromMm + 4 } })).status).toBe(200);
    const after = await sheet();
    expect(after).toContain(`its lower end ${Math.round(chosen.fromMm)} mm from the bottom bracket`);
    expect(after).toContain('Battery in the frame: what this hangs on has changed since it was taken.');
    // Taken anew it is what it is now.
    expect((await take({ kind: 'bay', facts: await seen('bay') })).status).toBe(201);
    expect(await sheet()).toContain(`its lower end ${Math.round(chosen.fromMm + 4)} mm from the bottom bracket`);
  });

  it('refuses what has become another thing since it was seen', async () => {
    const facts = (await seen('bar')) as BikeFacts;
    const parts = facts.bar!.parts!.slice(1);
    const other = await take({ kind: 'bar', facts: { ...facts, bar: { ...facts.bar, parts } } });
    expect([other.status, other.json.code]).toEqual([409, 'changed-meanwhile']);
  });

  it('refuses a stop, and what nobody has written down, naming what stands against it', async () => {
    const rack = await take({ kind: 'rack', facts: {} });
    expect([rack.status, rack.json.errors]).toEqual([
      422,
      [{ path: 'rack', messages: ['nothing is written down of it yet'] }],
    ]);
    const { bike } = await record();
    expect((await tell({ controller: { ...bike.facts.controller, lossW: 60 } })).status).toBe(200);
    const hot = await take({ kind: 'controller', facts: await seen('controller') });
    expect(hot.status).toBe(422);
    expect(hot.json.errors[0].path).toBe('heat');
    // And no word of the owner's helps there.
    const because = 'Ridden on private ground only, the rider knows how hot it gets.';
    expect((await take({ kind: 'controller', facts: await seen('controller'), because })).status).toBe(422);
  });

  it('takes a throttle without a brake that cuts the motor on the owner’s word alone', async () => {
    const { bike } = await record();
    const parts = bike.facts.bar!.parts!.map((part) => (part.kind === 'lever' ? { ...part, cutOff: false } : part));
    expect((await tell({ 'bar.parts': parts })).status).toBe(200);
    const facts = await seen('bar');
    const plain = await take({ kind: 'bar', facts });
    expect(plain.json.errors[0]).toMatchObject({ path: 'cut-off' });
    expect(plain.json.errors[0].messages[0]).toContain('The owner may answer for it');
    const short = await take({ kind: 'bar', facts, because: 'no' });
    expect(short.json.errors[0].path).toBe('because');
    const because = 'One-piece levers of the rider stay; both brakes were tried at full power.';
    const signed = await take({ kind: 'bar', facts, because });
    expect(signed.status).toBe(201);
    const cutOff = signed.json.result.findings.find(({ id }: { id: string }) => id === 'cut-off');
    expect(cutOff).toMatchObject({ verdict: 'work', overridden: { because } });
    expect(await sheet()).toContain(because);
  });

  it('names every field that does not hold', async () => {
    const wrong = await take({ kind: 'wheel', facts: 3, acceptedAt: 'now' });
    expect(wrong.json.errors.map(({ path }: { path: string }) => path).sort()).toEqual(['acceptedAt', 'facts', 'kind']);
  });

  it('goes with the job file, and counts nowhere else until somebody answers for it', async () => {
    const { json: job } = await server.send('GET', `/api/jobs/${longtail}`);
    const other = await freshServer({});
    try {
      const put = await other.send('PUT', `/api/jobs/${randomUUID()}`, job);
      expect(put.status).toBe(201);
      const came = put.json as BikeRecord;
      expect(came.acceptances.filter(({ kind }) => kind === 'bay').length).toBeGreaterThan(0);
      expect(heldArrangements(came)).toEqual([]);
      const because = 'We know this shop and have looked at the bike together.';
      const vouched = { kind: 'vouched', place: 'bike', data: { because }, at: at() };
      expect((await other.send('PUT', `/api/bikes/${longtail}/events/${randomUUID()}`, vouched)).status).toBe(201);
      const held = heldArrangements(await bikeRecord(other.dataSource.manager, longtail));
      expect(held.map(({ kind }) => kind).sort()).toEqual(['bar', 'bay', 'cables', 'power']);
    } finally {
      await other.close();
    }
  });
});
