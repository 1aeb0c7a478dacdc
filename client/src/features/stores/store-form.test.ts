import { unsuitedPart } from '@cricket/contract';
import type { StorePart } from '@cricket/contract/shapes';
import { partKinds } from '@cricket/core/part-kinds';

import { takeShopUnits } from '../../ui/shop-units';
import { checkStore, fieldsOfKind, storeEntry, storeFields, type StoreFields } from './store-form';
import { specLabel, words } from './words';

const empty = storeFields();
const filled = ({ spec, ...change }: Partial<StoreFields>): StoreFields => ({
  ...empty,
  ...change,
  spec: { ...empty.spec, ...spec },
});

describe('the form of a part', () => {
  afterEach(() => takeShopUnits({}));

  it('asks of each kind what its contract needs, and nothing that it has not', () => {
    const needed = (kind: StoreFields['kind']) =>
      fieldsOfKind(kind).flatMap(({ name, required }) => (required ? [name] : []));
    expect(needed('plain')).toEqual(['boreMm', 'thicknessMm']);
    expect(needed('rotor-bolt')).toEqual(['threadMm', 'lengthMm']);
    expect(needed('tyre')).toEqual(['beadSeatMm', 'widthMm']);
    expect(fieldsOfKind('display')).toEqual([]);
  });

  it('has a name for every figure and every answer of every kind', () => {
    for (const kind of partKinds) {
      expect(words.kinds[kind]).toMatch(/\S/);
      for (const field of fieldsOfKind(kind)) {
        expect([field.name, specLabel(kind, field.name)]).toEqual([field.name, expect.stringMatching(/\S/)]);
        if (field.asks !== 'word') continue;
        for (const option of field.options) expect(words.choices[option]).toMatch(/\S/);
      }
    }
  });

  it('makes an arm that the contract takes: with a second link it is adjustable', () => {
    const values = filled({
      kind: 'arm',
      spec: {
        thicknessMm: '6',
        boreMm: '12',
        lengthMm: '50',
        linkMm: '60',
        widthMm: '18',
        bandFromMm: '12',
        bandToMm: '40',
        fitClearanceMm: '0,1',
        grade: 'hard',
      },
      costEach: '18',
    });
    expect(checkStore(values).errors).toEqual({});
    const entry = storeEntry(values, undefined, 0);
    expect(unsuitedPart(entry)).toEqual([]);
    expect(entry).toMatchObject({
      costEach: 18,
      spec: { form: 'adjustable', linkMm: 60, fitClearanceMm: 0.1, grade: 'hard' },
    });
  });

  it('leaves out what nobody knows: no rotor has a pattern because a list begins with one', () => {
    const { spec } = storeEntry(filled({ kind: 'rotor', spec: { diameterMm: '160' } }), undefined, 0);
    expect(spec).toEqual({ diameterMm: 160 });
  });

  it('keeps what it does not show', () => {
    const arm = { form: 'splined', lengthMm: 80, holeDeg: 5, stepDeg: 10, offsetMm: 3, widthMm: 18 };
    const clamp = { bandFromMm: 12, bandToMm: 40, grade: 'mild', fitClearanceMm: 0.1 };
    const part: StorePart = {
      id: 'x',
      kind: 'arm',
      spec: { boreMm: 12, thicknessMm: 6, ...arm, ...clamp },
      label: null,
      costEach: null,
      count: 1,
      withBikes: 0,
      onOrder: 0,
      version: 1,
      withdrawnAt: null,
    };
    expect(storeEntry(storeFields(part), part, 1).spec).toEqual(part.spec);
    // Nor does it count anew what nobody has counted.
    expect(storeEntry(storeFields(part), part, 1)).not.toHaveProperty('count');
    expect(storeEntry({ ...storeFields(part), count: '4' }, part, 1).count).toBe(4);
    expect(storeEntry(storeFields(part), part, 0).count).toBe(1);
  });

  it.each([
    ['lengthMm', { kind: 'rotor-bolt', spec: { threadMm: '5', lengthMm: '' } }, /Enter a figure from 1 to 330 mm/],
    ['beadSeatMm', { kind: 'tyre', spec: { beadSeatMm: '28"', widthMm: '47' } }, /28 is out of range|not a figure/],
    ['sprockets', { kind: 'cluster', spec: { sprockets: '7.5' } }, /not a whole number from 1 to 13/],
    ['code', { kind: 'kit', spec: { code: ' ' } }, /Enter what it is told by/],
  ] as const)('names what is wrong with %s', (name, change, message) => {
    const { errors } = checkStore(filled(change)) as { errors: { spec?: Record<string, { message: string }> } };
    expect(errors.spec?.[name]?.message).toMatch(message);
  });

  it('names a count that is none', () => {
    const { errors } = checkStore(filled({ kind: 'plain', spec: { thicknessMm: '1', boreMm: '12' }, count: '1.5' }));
    expect((errors as Record<string, { message: string }>).count?.message).toMatch(/not a count/);
  });

  it('keeps a part as it is in a shop of inches and pounds, when nothing was changed', () => {
    takeShopUnits({ units: { length: 'inch', torque: 'lbf·ft', speed: 'mph', mass: 'lb', pressure: 'psi' } });
    const tyre = { beadSeatMm: 622, widthMm: 47, maxBar: 3.5, loadKg: 120, speedKmh: 50 };
    const item = { id: 'a', kind: 'tyre', count: 2, version: 3, spec: tyre, label: null, costEach: null } as never;
    const fields = storeFields(item);
    expect(fields.spec.maxBar).toBe('50.8');
    expect(checkStore(fields).errors).toEqual({});
    expect(storeEntry(fields, item, 3).spec).toMatchObject(tyre);
  });
});
