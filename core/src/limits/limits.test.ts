import { materials } from '../materials';
import { defaultLimits, OwnLimits, withLimits } from './index';
import { readInput } from '../input';

describe('the workshop’s limits', () => {
  it('lay over the defaults one by one', () => {
    const own = withLimits({ playGoesMm: 0.2, fileMm: { steel: 0.8 } });
    expect(own).toMatchObject({ playGoesMm: 0.2, playWorkMm: defaultLimits.playWorkMm });
    expect(own.fileMm).toEqual({ ...defaultLimits.fileMm, steel: 0.8 });
    expect(withLimits(undefined)).toBe(defaultLimits);
    expect(withLimits({ playGoesMm: undefined }).playGoesMm).toBe(defaultLimits.playGoesMm);
  });

  it('never open carbon, by one figure for all or by name', () => {
    for (const fileMm of [2, { carbon: 2 }]) {
      expect(withLimits({ fileMm, spreadMm: fileMm, pinchMm: fileMm })).toMatchObject({
        fileMm: { carbon: 0 },
        spreadMm: { carbon: 0 },
        pinchMm: { carbon: 0 },
      });
    }
    expect(withLimits({ fileMm: 2 }).fileMm.magnesium).toBe(2);
  });

  it('have a default for every material', () => {
    for (const table of [defaultLimits.fileMm, defaultLimits.spreadMm, defaultLimits.pinchMm]) {
      for (const material of materials) expect(table[material]).toBeGreaterThanOrEqual(0);
    }
  });

  it.each([
    ['fileMm', { fileMm: 99 }],
    ['fileMm.steel', { fileMm: { steel: -1 } }],
    ['playGoesMm', { playGoesMm: Number.POSITIVE_INFINITY }],
    ['insideMax', { insideMax: 2.5 }],
    ['colour', { colour: 1 }],
  ])('are refused with a bad %s', (path, own) => {
    expect(() => readInput(OwnLimits, own)).toThrow(
      expect.objectContaining({ path: expect.stringContaining(path.split('.')[0]!) }),
    );
  });
});
