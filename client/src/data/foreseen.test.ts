import type { BikeRecord } from '@cricket/contract/shapes';

import { applyWrite } from './apply-write';
import { foreseen } from './foreseen';
import type { PendingWrite } from './pending-write';

const bikeId = '00000003-0000-4000-8000-000000000001';
const other = '00000003-0000-4000-8000-000000000002';

const stored = {
  bike: { id: bikeId, tag: 'B-1', facts: {}, version: 1 },
  ...{ readings: [], choices: [], acceptances: [], taken: [], orders: [], events: [], photos: [] },
} as unknown as BikeRecord;

const reading = (seq: number, valueMm: number): PendingWrite => ({
  ...{ seq, writeId: `write-${seq}`, method: 'PUT', path: `/readings/${seq}`, person: 'Wren', personId: 'p' },
  body: { place: 'front-axle', feature: 'slot-width', side: 'left', valueMm, takenAt: '2031-04-02T09:00:00.000Z' },
  about: { kind: 'reading', bikeId, id: `reading-${seq}` },
  ...{ madeAt: '2031-04-02T09:00:00.000Z', madeMs: 0, refused: null },
});

describe('a record as it will be', () => {
  const [one, two] = [reading(1, 9.9), reading(2, 10.1)];

  it('is the same object while an entry goes out: nothing is worked out anew', () => {
    const waiting = foreseen(bikeId, stored, [one, two]);
    expect(waiting?.readings.map(({ valueMm }) => valueMm)).toEqual([9.9, 10.1]);
    const gone = foreseen(bikeId, applyWrite(stored, one), [two]);
    expect(gone).toBe(waiting);
    expect(foreseen(bikeId, applyWrite(applyWrite(stored, one), two), [])).toBe(waiting);
  });

  it('is another one as soon as it says something else, and only what differs is new in it', () => {
    const before = foreseen(bikeId, stored, [one, two])!;
    const after = foreseen(bikeId, stored, [one, { ...two, body: { ...two.body, valueMm: 10.2 } }])!;
    expect(after).not.toBe(before);
    expect(after.readings[0]).toBe(before.readings[0]);
    expect(after.readings[1]).toMatchObject({ valueMm: 10.2 });
  });

  it('is each bike’s own, and nothing where nothing is known', () => {
    const here = foreseen(bikeId, stored, [one]);
    expect(foreseen(other, null, [one])).toBeNull();
    expect(foreseen(bikeId, stored, [one])).toBe(here);
    expect(foreseen(bikeId, null, [one])).toBeNull();
  });
});
