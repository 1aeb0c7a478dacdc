import { PlainStoreDetails } from '@cricket/core/part-schemas';
import { storeKinds } from '@cricket/core/parts';
import { readInput } from '@cricket/core/input';

import { checkStore, fieldsOfKind, storeEntry, storeFields, type StoreFields } from './store-form';

const filled = (change: Partial<StoreFields>): StoreFields => ({ ...storeFields(), ...change });

describe('the form of a line of the stores', () => {
  it('asks of each kind what the fit needs of it', () => {
    const needed = (kind: StoreFields['kind']) =>
      fieldsOfKind(kind).flatMap(({ name, required }) => (required ? [name] : []));
    expect(needed('plain')).toEqual(['thicknessMm', 'boreMm']);
    expect(needed('rotor-bolt')).toEqual(['boreMm', 'lengthMm']);
    expect(needed('tyre')).toEqual(['beadSeatMm', 'tyreWidthMm']);
    for (const kind of storeKinds) expect(needed(kind).length).toBeGreaterThan(0);
  });

  it('makes an arm that the core takes: with a second link it is adjustable', () => {
    const values = filled({
      kind: 'arm',
      thicknessMm: '6',
      boreMm: '12',
      armLengthMm: '50',
      linkMm: '60',
      armWidthMm: '18',
      bandFromMm: '12',
      bandToMm: '40',
      fitClearanceMm: '0,1',
      grade: 'hard',
      costEach: '18',
    });
    expect(checkStore(values).errors).toEqual({});
    const { details } = storeEntry(values, undefined, 0);
    expect(readInput(PlainStoreDetails, details)).toEqual(details);
    expect(details.arm).toMatchObject({ kind: 'adjustable', linkMm: 60, fitClearanceMm: 0.1, grade: 'hard' });
  });

  it('keeps what it does not show', () => {
    const arm = {
      kind: 'splined',
      lengthMm: 80,
      linkMm: null,
      holeDeg: 5,
      stepDeg: 10,
      widthMm: 18,
      offsetMm: 3,
      bandFromMm: 12,
      bandToMm: 40,
      grade: 'mild',
      fitClearanceMm: 0.1,
    } as const;
    const item = {
      id: 'x',
      kind: 'arm',
      boreMm: 12,
      outerMm: null,
      thicknessMm: 6,
      tabWidthMm: null,
      tabDepthMm: null,
      count: 1,
      withBikes: 0,
      version: 1,
      withdrawnAt: null,
      details: { arm },
    } as const;
    expect(storeEntry(storeFields(item), item, 1).details.arm).toEqual(arm);
    // Nor does it count anew what nobody has counted.
    expect(storeEntry(storeFields(item), item, 1)).not.toHaveProperty('count');
    expect(storeEntry({ ...storeFields(item), count: '4' }, item, 1).count).toBe(4);
    expect(storeEntry(storeFields(item), item, 0).count).toBe(1);
  });

  it.each([
    ['lengthMm', { kind: 'rotor-bolt', boreMm: '5', lengthMm: '' }, /Enter a figure from 1 to 330 mm/],
    ['beadSeatMm', { kind: 'tyre', beadSeatMm: '28"', tyreWidthMm: '47' }, /28 is out of range|not a figure/],
    ['count', { kind: 'plain', thicknessMm: '1', boreMm: '12', count: '1.5' }, /not a count/],
  ] as const)('names what is wrong with %s', (name, change, words) => {
    const errors: Record<string, { message: string } | undefined> = checkStore(filled(change)).errors;
    expect(errors[name]?.message).toMatch(words);
  });
});
