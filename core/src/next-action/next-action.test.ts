import type { Reading } from '../end-facts';
import { frontReadings, frontWheel } from '../end-fit/front-end.testing';
import type { JobEvent } from '../job-events';
import type { StoreItem } from '../parts';
import { inventedBike, inventedKit, inventedStores } from '../fit/invented.testing';
import { activeEnd } from '../choices';
import { endState, type BikeRecord } from './next-action';

const choice = {
  place: 'front-axle' as const,
  kind: 'wheel' as const,
  wheelId: frontWheel.id,
  chosenAt: '2026-03-02T12:00:00Z',
};
const accepted = {
  place: 'front-axle' as const,
  wheelId: frontWheel.id,
  acceptedAt: '2026-03-02T13:00:00Z',
  left: [],
  right: [],
  rotorShimMm: 0,
  caliperShimMm: 0,
};
/** The invented stores with the tyre in this wheel's size. */
const storesFor559: StoreItem[] = inventedStores.map((item) =>
  item.details?.tyre ? { ...item, details: { tyre: { ...item.details.tyre, beadSeatMm: 559 } } } : item,
);

/** The wheel with a kit that goes on the invented bike. */
const kitted = { ...frontWheel, kit: inventedKit };
const next = (readings: Reading[], more: Partial<BikeRecord> = {}, stores: readonly StoreItem[] = storesFor559) =>
  endState({ readings, choices: [], stacks: [], bike: inventedBike, ...more }, 'front', { wheels: [kitted], stores })
    .next;

describe('the next action', () => {
  it('asks for take-in first, but not in the middle of measuring', () => {
    expect(next([], { bike: {} })).toMatchObject({ kind: 'take-in', end: 'front' });
    expect(next(frontReadings().slice(0, 3), { bike: {} }).kind).toBe('measure');
    expect(next(frontReadings(), { bike: {} })).toMatchObject({
      kind: 'take-in',
      open: expect.arrayContaining([{ said: 'take-in-open.loadKg' }]),
    });
  });

  it('goes through an end from the first look to the washers', () => {
    expect(next([])).toMatchObject({ kind: 'measure', feature: { id: 'material' } });
    expect(next(frontReadings().filter(({ feature }) => feature !== 'plate.right'))).toMatchObject({
      kind: 'measure',
      feature: { id: 'plate.right' },
      open: 1,
    });
    expect(next(frontReadings())).toEqual({ kind: 'choose-wheel', end: 'front' });
    expect(next(frontReadings(), { choices: [choice] })).toMatchObject({
      kind: 'accept',
      wheelCode: 'FW-9',
      verdict: 'goes',
    });
    const readings = frontReadings().map((reading) =>
      reading.feature === 'old-axle' ? { ...reading, withdrawnAt: '2026-03-02T14:00:00Z' } : reading,
    );
    expect(next(readings, { choices: [choice], stacks: [accepted] })).toMatchObject({
      kind: 'measure',
      feature: { id: 'old-axle' },
    });
  });
});

describe('a bike that is back with its rider', () => {
  const ended = (how: 'done' | 'undone', at: string): JobEvent => ({
    id: at,
    kind: 'step',
    place: 'front-axle',
    data: { stepId: 'appointment', how },
    at,
    person: 'Wren',
    withdrawnAt: null,
  });
  const after = (...events: JobEvent[]) =>
    next(frontReadings(), { choices: [choice], stacks: [accepted], events }).kind;

  it('is in care from the last step of its job on, until that is taken back', () => {
    expect(after()).toBe('fit');
    expect(after(ended('done', '2026-03-02T17:00:00Z'))).toBe('care');
    expect(after(ended('done', '2026-03-02T17:00:00Z'), ended('undone', '2026-03-02T17:05:00Z'))).toBe('fit');
  });

  it('is at work again when another stack is taken later', () => {
    expect(after(ended('done', '2026-03-01T17:00:00Z'))).toBe('fit');
  });
});

describe('the end at work', () => {
  it('is the one chosen last, else the one read last, else the front', () => {
    expect(activeEnd({ readings: [], choices: [] })).toBe('front');
    const rear = frontReadings().map((reading) => ({ ...reading, place: 'rear-axle' as const }));
    expect(activeEnd({ readings: rear, choices: [] })).toBe('rear');
    expect(activeEnd({ readings: rear, choices: [choice] })).toBe('front');
  });
});
