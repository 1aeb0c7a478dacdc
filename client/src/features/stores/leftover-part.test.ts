import { leftoverId } from '../../data/leftover-id';
import { leftoverPart } from './leftover-part';
import { checkStore, storeEntry, storeFields } from './store-form';
import type { Wheel } from '@cricket/contract/shapes';

const wheel = {
  code: 'FW-1',
  axle: { threadMm: 12 },
  kit: {
    motor: { ratedW: 250, kv: 8 },
    packing: [
      { part: 'Hub', count: 1, kind: 'motor' },
      { part: 'Long nut', count: 2, kind: 'nut' },
      { part: 'Bag of ties', count: 1 },
      { part: 'Toothed washer', count: 2, kind: 'tabbed' },
    ],
  },
} as unknown as Wheel;
const bike = '00000003-0000-4000-8000-000000000001';

describe('a left-over part of a kit', () => {
  it('is a line that can be kept as it stands', () => {
    const part = leftoverPart(wheel, 'id', 'Long nut');
    const fields = storeFields(part);
    expect(checkStore(fields).errors).toEqual({});
    expect(storeEntry(fields, part, 0)).toEqual({
      kind: 'nut',
      spec: { threadMm: 12 },
      label: 'Long nut',
      costEach: null,
      count: 2,
      version: 0,
    });
  });

  it('asks for what nobody has recorded of it', () => {
    const { errors } = checkStore(storeFields(leftoverPart(wheel, 'id', 'Toothed washer')));
    expect(Object.keys((errors as { spec: object }).spec)).toEqual([
      'boreMm',
      'thicknessMm',
      'tabWidthMm',
      'tabDepthMm',
    ]);
  });

  it('is called by its name alone where nobody has said what it is, or its kit is gone', () => {
    expect(leftoverPart(wheel, 'id', 'Bag of ties')).toMatchObject({
      kind: 'other',
      spec: {},
      label: 'Bag of ties',
      count: 1,
    });
    expect(leftoverPart(undefined, 'id', 'Hub')).toMatchObject({ kind: 'other', label: 'Hub', count: 1 });
  });

  it('has one place on the shelf, whoever puts it there', () => {
    const id = leftoverId(bike, 'front', 'Hub');
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    expect(leftoverId(bike, 'front', 'Hub')).toBe(id);
    const others = [
      leftoverId(bike, 'rear', 'Hub'),
      leftoverId(bike, 'front', 'Long nut'),
      leftoverId('x', 'front', 'Hub'),
    ];
    expect(new Set([id, ...others]).size).toBe(4);
  });
});
