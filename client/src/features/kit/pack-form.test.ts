import type { PackInstead } from '@cricket/core/pack-instead';

import { checkPack, packFields, packOf } from './pack-form';

const pack: PackInstead = {
  chemistry: 'lfp',
  cells: 11,
  Wh: 420,
  massKg: 4.2,
  continuousA: 20,
  chargerV: 40.15,
  sizeMm: { length: 380, width: 92, height: 115 },
  condition: 'new',
  cost: 310,
  leadDays: 4,
};

describe('another pack in the form', () => {
  it('comes back as it went in', () => {
    expect(checkPack(packFields(pack))).toEqual({});
    expect(packOf(packFields(pack))).toEqual(pack);
  });

  it('is not recorded at all as long as nothing is written', () => {
    expect(checkPack(packFields(undefined))).toEqual({});
    expect(packOf(packFields(undefined))).toBeUndefined();
  });

  it('leaves out what is not known', () => {
    const fields = { ...packFields(undefined), cells: '10', Wh: '400', massKg: '3' };
    expect(packOf(fields)).toEqual({ chemistry: 'nmc', cells: 10, Wh: 400, massKg: 3 });
  });

  it.each([
    ['cells', '', /Enter a figure from 3 to 30/],
    ['cells', '10.5', /whole number/],
    ['massKg', '60', /60 is out of range; enter a figure from 0.3 to 40 kg/],
    ['width', '', /all three/],
  ] as const)('names what is wrong with %s "%s"', (name, text, says) => {
    expect(checkPack({ ...packFields(pack), [name]: text })[name]).toMatch(says);
  });
});
