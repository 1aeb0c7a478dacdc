import type { BikeRecord } from '@cricket/contract/shapes';

import { applyWrite } from './apply-write';
import type { PendingWrite, WriteAbout } from './outbox-store';

const pending = (about: WriteAbout, body: object = {}): PendingWrite => ({
  seq: 1,
  writeId: 'w',
  method: 'PUT',
  path: '/',
  body,
  person: 'Wren',
  about,
  madeAt: '2026-03-02T09:00:00Z',
  refused: null,
});
const bikeIn = pending({ kind: 'bike-in', bikeId: 'b' }, { tag: 'MQ-1', name: 'Ferry bike', kind: 'upright' });
const reading = pending(
  { kind: 'reading', bikeId: 'b', id: 'r' },
  { place: 'front-axle', feature: 'old-axle', valueMm: 9, instrument: 'calipers', takenAt: '2026-03-02T09:01:00Z' },
);

describe('applyWrite', () => {
  it('shows a new bike and its readings before the server has them', () => {
    const record = [bikeIn, reading].reduce<BikeRecord | null>(applyWrite, null);
    expect(record?.bike).toMatchObject({ id: 'b', tag: 'MQ-1', version: 1, withdrawnAt: null });
    expect(record?.readings).toMatchObject([{ id: 'r', valueMm: 9, word: null, withdrawnAt: null, person: 'Wren' }]);
  });

  it('does not show a reading twice once the server has it', () => {
    const record = [bikeIn, reading, reading].reduce<BikeRecord | null>(applyWrite, null);
    expect(record?.readings).toHaveLength(1);
  });

  it('marks a withdrawn reading and shows a choice', () => {
    const record = [
      bikeIn,
      reading,
      pending({ kind: 'reading-withdrawn', bikeId: 'b', id: 'r' }),
      pending({ kind: 'choice', bikeId: 'b', id: 'c' }, { place: 'rear-axle', kind: 'place', chosenAt: 'x' }),
    ].reduce<BikeRecord | null>(applyWrite, null);
    expect(record?.readings[0]?.withdrawnAt).toBe('2026-03-02T09:00:00Z');
    expect(record?.choices).toMatchObject([{ place: 'rear-axle', wheelId: null }]);
  });

  it('adds up what waits of the take-in: the last answer to each question holds, and none is there twice', () => {
    const told = (id: string, feature: string, is: unknown, minute: number) =>
      pending(
        { kind: 'taken-in', bikeId: 'b', id },
        {
          tellings: [{ id: `of-${id}`, feature, is }],
          takenAt: `2026-03-02T09:0${minute}:00Z`,
        },
      );
    const changes = [told('1', 'riderKg', 70, 1), told('2', 'job.school', 'inside', 2), told('3', 'riderKg', 72, 3)];
    const record = [bikeIn, ...changes, changes[1]!].reduce<BikeRecord | null>(applyWrite, null);
    expect(record?.bike).toMatchObject({ facts: { riderKg: 72, job: { school: 'inside' } }, version: 1 });
    expect(record?.readings).toHaveLength(3);
  });

  it('leaves out what was refused, and foresees no stack', () => {
    const refused = {
      ...reading,
      refused: { type: '', title: '', status: 422, code: 'invalid-input' as const, errors: [] },
    };
    const record = [bikeIn, refused, pending({ kind: 'acceptance', bikeId: 'b', id: 's' })].reduce<BikeRecord | null>(
      applyWrite,
      null,
    );
    expect(record?.readings).toEqual([]);
    expect(record?.acceptances).toEqual([]);
  });
});
