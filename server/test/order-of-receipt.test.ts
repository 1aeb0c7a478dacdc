import { randomUUID } from 'node:crypto';

import { queuedHeader } from '@cricket/contract/routes';
import sharp from 'sharp';

import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

/** The longtail, whose wheel is chosen. */
const bike = '00000003-0000-4000-8000-000000000003';
const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
const queued = (minutes: number) => ({ [queuedHeader]: String(minutes * 60_000) });

const say = (how: string, at: string, headers: Record<string, string> = {}, because?: string) =>
  server.send(
    'PUT',
    `/api/bikes/${bike}/events/${randomUUID()}`,
    { kind: 'step', place: 'rear-axle', data: { stepId: 'parcel-look.rear', how, ...(because && { because }) }, at },
    headers,
  );

describe('the time of an entry', () => {
  const minutesOff = (iso: string, minutes: number) => Math.abs(Date.parse(iso) - Date.parse(ago(minutes))) / 60_000;

  it('is the phone’s, held to how long the entry waited there', async () => {
    const near = await say('done', ago(90), queued(90));
    expect(minutesOff(near.json.at, 90)).toBeLessThan(0.1);
    // A clock that is a day behind, and an entry that waited for an hour.
    const off = await say('undone', ago(24 * 60 + 60), queued(60));
    expect(off.status).toBe(201);
    expect(minutesOff(off.json.at, 60)).toBeLessThan(0.1);
    expect(Date.now() - Date.parse(off.json.receivedAt)).toBeLessThan(10_000);
  });

  it.each(['soon', '-5', '99999999999999', '1e3'])('is refused with an age of %s', async (age) => {
    const { status, json } = await say('done', ago(1), { [queuedHeader]: age });
    expect(status).toBe(422);
    expect(json.errors[0].path).toBe(queuedHeader);
  });

  it('of readings, choices and photos is held in the same way', async () => {
    const [reading, choice, photo] = [randomUUID(), randomUUID(), randomUUID()];
    const takenAt = ago(3 * 24 * 60);
    const body = {
      place: 'front-axle',
      feature: 'slot-width.left.seat',
      valueMm: 10.1,
      instrument: 'calipers',
      takenAt,
    };
    const kept = await server.send('PUT', `/api/bikes/${bike}/readings/${reading}`, body, queued(5));
    expect(minutesOff(kept.json.takenAt, 5)).toBeLessThan(0.1);
    const chosen = { place: 'rear-axle', kind: 'place', chosenAt: takenAt };
    const { json } = await server.send('PUT', `/api/bikes/${bike}/choices/${choice}`, chosen, queued(5));
    expect(minutesOff(json.chosenAt, 5)).toBeLessThan(0.1);
    const bytes = await sharp({ create: { width: 40, height: 40, channels: 3, background: '#0a7' } })
      .jpeg()
      .toBuffer();
    const shown = { place: 'bike', about: 'condition', takenAt, picture: bytes.toString('base64') };
    const sent = await server.send('PUT', `/api/bikes/${bike}/photos/${photo}`, shown, queued(5));
    expect(minutesOff(sent.json.takenAt, 5)).toBeLessThan(0.1);
  });
});

describe('an entry that waited at a phone', () => {
  it('does not undo what somebody found meanwhile', async () => {
    await say('problem', ago(10), queued(10), 'The box is torn open at a corner');
    const late = await say('done', ago(45), queued(45));
    expect([late.status, late.json.code]).toEqual([409, 'said-meanwhile']);
    expect(late.json.errors[0].messages[0]).toContain('something is wrong');
    // What was done after that was found is another matter.
    expect((await say('done', ago(5), queued(5))).status).toBe(201);
    await say('undone', ago(2), queued(2));
    expect((await say('done', ago(4), queued(4))).json.code).toBe('said-meanwhile');
    expect((await say('done', ago(0))).status).toBe(201);
  });

  it('stands after what the server had before it, whatever its clock says', async () => {
    const { json } = await server.send('GET', `/api/bikes/${bike}`);
    const received = json.events.map(({ receivedAt }: { receivedAt: string }) => receivedAt);
    expect(received).toEqual([...received].sort());
  });
});

describe('a choice', () => {
  it('is taken back: the one before it holds again', async () => {
    const wheels = (await server.send('GET', '/api/wheels')).json as { id: string; code: string }[];
    const chosen = async () =>
      ((await server.send('GET', '/api/bikes')).json as { bike: { id: string }; wheelCode: string | null }[]).find(
        (row) => row.bike.id === bike,
      )!.wheelCode;
    const before = await chosen();
    const other = wheels.find(({ code }) => code !== before)!;
    const id = randomUUID();
    const body = { place: 'rear-axle', kind: 'wheel', wheelId: other.id, chosenAt: ago(0) };
    await server.send('PUT', `/api/bikes/${bike}/choices/${id}`, body);
    expect(await chosen()).toBe(other.code);
    const path = `/api/bikes/${bike}/choices/${id}/withdrawal`;
    const learner = { cookie: await server.signedIn('learner') };
    expect((await server.send('PUT', path, {}, learner)).status).toBe(403);
    const back = await server.send('PUT', path, {});
    expect(back.json.withdrawnAt).not.toBeNull();
    expect(await chosen()).toBe(before);
    // Again changes nothing.
    expect((await server.send('PUT', path, {})).json.withdrawnAt).toBe(back.json.withdrawnAt);
    const elsewhere = `/api/bikes/${randomUUID()}/choices/${id}/withdrawal`;
    expect((await server.send('PUT', elsewhere, {})).status).toBe(404);
  });
});
