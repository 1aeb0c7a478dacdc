import type { BarPart } from '@cricket/core/handlebar';

import { checkPart, checkRoom, fieldsToPart, fieldsToRoom, freeName, partToFields, roomToFields } from './bar-forms';

const lever: BarPart = {
  id: 'Rear lever',
  kind: 'lever',
  widthMm: 22,
  clampMm: 22.2,
  sweepMm: 8,
  cutOff: false,
  side: 'left',
  nowSide: 'left',
};
const errorsOf = async (check: ReturnType<typeof checkPart>, fields: Parameters<typeof fieldsToPart>[0]) => {
  const { errors } = await check(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.fromEntries(Object.entries(errors).map(([name, error]) => [name, error?.message]));
};

describe('a part on the bar', () => {
  it('comes back from its form as it was', () => {
    expect(fieldsToPart(partToFields(lever, []))).toEqual(lever);
    const bare: BarPart = { id: 'Bell', kind: 'bell', widthMm: 22, side: 'either' };
    expect(fieldsToPart(partToFields(bare, []))).toEqual(bare);
  });

  it('keeps nothing that its kind does not have', () => {
    const fields = { ...partToFields(lever, []), kind: 'grip' as const, minWidthMm: '90' };
    expect(fieldsToPart(fields)).toEqual({
      id: 'Rear lever',
      kind: 'grip',
      widthMm: 22,
      side: 'left',
      nowSide: 'left',
      minWidthMm: 90,
    });
  });

  it('is refused by field, with the range', async () => {
    const fields = { ...partToFields(lever, []), id: ' ', widthMm: '', clampMm: '3' };
    const errors = await errorsOf(checkPart([]), fields);
    expect(Object.keys(errors).sort()).toEqual(['clampMm', 'id', 'widthMm']);
    expect(errors['clampMm']).toContain('from 5 to 60');
    expect(await errorsOf(checkPart(['Rear lever']), partToFields(lever, []))).toHaveProperty('id');
    // What is not asked of a grip is not held against it.
    expect(await errorsOf(checkPart([]), { ...fields, id: 'x', kind: 'grip', widthMm: '120' })).toEqual({});
  });

  it('has a name of its own', () => {
    expect(freeName('grip', [])).toBe('Grip');
    expect(freeName('grip', ['Grip', 'Grip 2'])).toBe('Grip 3');
    expect(partToFields(undefined, ['Grip']).id).toBe('Grip 2');
  });
});

describe('the room on the bar', () => {
  const room = { straightMm: { left: 205, right: 190.5 }, centreMm: 90, gripDiameterMm: 22.2 };

  it('comes back from its form as it was', () => {
    expect(fieldsToRoom(roomToFields(room))).toEqual(room);
  });

  it('needs its lengths, and takes a comma', async () => {
    const options = { fields: {}, shouldUseNativeValidation: false } as const;
    const empty = await checkRoom(roomToFields(undefined), undefined, options);
    expect(Object.keys(empty.errors).sort()).toEqual(['centreMm', 'straightLeft', 'straightRight']);
    const typed = { ...roomToFields(room), straightLeft: '204,5' };
    expect((await checkRoom(typed, undefined, options)).errors).toEqual({});
    expect(fieldsToRoom(typed).straightMm.left).toBe(204.5);
  });
});
