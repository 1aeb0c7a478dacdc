import type { PendingWrite } from './pending-write';
import { upcastWrite } from './upcast-write';

const kept = (about: object, body: object, path = '/'): PendingWrite =>
  ({ seq: 3, writeId: 'w', method: 'PUT', path, body, person: 'Wren', about, madeAt: '2026-03-02T09:00:00Z' }) as never;
const of = (kind: string) => ({ kind, bikeId: 'b', id: 'i' });

describe('an entry that an earlier version of the app kept', () => {
  it.each([
    ['a reading', of('reading'), { end: 'rear', feature: 'old-axle' }, { place: 'rear-axle', feature: 'old-axle' }],
    ['an order', of('order'), { end: 'front', what: 'Kit' }, { place: 'front-axle', what: 'Kit' }],
    ['a choice of end', of('choice'), { end: 'front', kind: 'end' }, { place: 'front-axle', kind: 'place' }],
    ['a choice of wheel', of('choice'), { end: 'front', kind: 'wheel' }, { place: 'front-axle', kind: 'wheel' }],
    [
      'a step',
      of('event'),
      { kind: 'step', data: { end: 'rear', stepId: 's', how: 'done' } },
      { kind: 'step', place: 'rear-axle', data: { stepId: 's', how: 'done' } },
    ],
    ['the owner’s word', of('event'), { kind: 'vouched', data: { because: 'x' } }, { place: 'bike' }],
    ['a photo', of('photo'), { about: 'witness.front.left' }, { place: 'front-axle', about: 'witness.front.left' }],
  ])('goes out as today’s would: %s', (_, about, before, after) => {
    const now = upcastWrite(kept(about, before));
    expect(now).toMatchObject({ seq: 3, writeId: 'w', about, body: after });
    expect(now.body).not.toHaveProperty('end');
    // And is left alone from then on.
    expect(upcastWrite(now)).toBe(now);
  });

  it('becomes an acceptance where it was a stack', () => {
    const now = upcastWrite(kept(of('stack'), { end: 'rear', wheelId: 'w' }, '/api/bikes/b/stacks/i'));
    expect(now).toMatchObject({
      path: '/api/bikes/b/acceptances/i',
      about: { kind: 'acceptance', bikeId: 'b', id: 'i' },
      body: { kind: 'stack', place: 'rear-axle', wheelId: 'w' },
    });
  });

  it('is told answer by answer where it was a take-in', () => {
    const facts = { riderKg: 70, job: { school: 'inside', folds: false } };
    const now = upcastWrite(kept({ kind: 'taken-in', bikeId: 'b' }, { facts, version: 3 }));
    expect(now.body).toMatchObject({
      tellings: [
        { feature: 'riderKg', is: 70 },
        { feature: 'job.school', is: 'inside' },
        { feature: 'job.folds', is: false },
      ],
      takenAt: '2026-03-02T09:00:00Z',
    });
    const { id } = now.about as { id: string };
    expect(now.path).toBe(`/api/bikes/b/take-in/${id}`);
  });

  it('is a part where it was a line of the stores, alone or in a list', () => {
    const bolt = {
      kind: 'rotor-bolt',
      boreMm: 5,
      outerMm: null,
      thicknessMm: 5,
      details: { lengthMm: 14, costEach: 0.8 },
    };
    const part = { kind: 'rotor-bolt', spec: { threadMm: 5, lengthMm: 14 }, label: null, costEach: 0.8 };
    const now = upcastWrite(kept({ kind: 'store-item', id: 'i' }, { ...bolt, count: 6, version: 2 }));
    expect(now.body).toEqual({ ...part, count: 6, version: 2 });
    expect(upcastWrite(now)).toBe(now);
    const list = upcastWrite(kept({ kind: 'stores-import', id: 'l' }, { rows: [{ ...bolt, id: 'b', count: 1 }] }));
    expect(list.body).toEqual({ rows: [{ ...part, id: 'b', count: 1 }] });
    expect(upcastWrite(list)).toBe(list);
  });

  it('is let alone where nothing has changed', () => {
    const settings = kept({ kind: 'settings', id: 'settings' }, { limits: {} });
    expect(upcastWrite(settings)).toBe(settings);
  });
});
