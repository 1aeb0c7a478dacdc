import { inGerman } from '../../ui/german.testing';
import { adapterText, readAdapters } from './adapter-lines';

const lines = 'extender left 3\ncap right 9, bore 12\nrotor spacer 1.5';

describe('extenders and caps, one a line', () => {
  it('are read, and come back as they were written', () => {
    const set = readAdapters(lines, undefined);
    expect(set).toMatchObject({
      extenders: [{ side: 'left', lengthMm: 3 }],
      endCaps: [{ side: 'right', lengthMm: 9, boreMm: 12 }],
      rotorSpacers: [{ thicknessMm: 1.5 }],
    });
    expect(adapterText(set as never)).toBe(lines);
    expect(readAdapters('Extender Left 3 mm\nCAP right 9,0 mm bore 12', undefined)).toMatchObject({
      endCaps: [{ lengthMm: 9, boreMm: 12 }],
    });
    expect(readAdapters(' \n', undefined)).toBeUndefined();
  });

  it('are written in the words of whoever writes them', () => {
    const german = inGerman(() => jest.requireActual<typeof import('./adapter-lines')>('./adapter-lines'));
    const set = readAdapters(lines, undefined) as NonNullable<Parameters<typeof adapterText>[0]>;
    const text = german.adapterText(set);
    expect(text).toBe('Verlängerung links 3\nKappe rechts 9, Bohrung 12\nScheibendistanz 1.5');
    expect(german.readAdapters(text, undefined)).toEqual(set);
  });

  it('keep the names, screws and holes that were there', () => {
    const screws = [{ id: 'M5x10', threadMm: 5, lengthMm: 10 }];
    const before = {
      extenders: [{ id: 'X3', side: 'left' as const, lengthMm: 3 }],
      endCaps: [],
      rotorSpacers: [],
      screws,
      screwHoles: [],
    };
    expect(readAdapters('extender left 3\nextender left 4', before)).toMatchObject({
      extenders: [{ id: 'X3' }, { id: 'L4' }],
      screws,
    });
  });

  it.each(['extender 3', 'cap left 9', 'extender left 3, bore 12', 'spacer 2', 'extender up 3'])(
    'say what is not understood: %s',
    (line) => expect(String(readAdapters(line, undefined))).toContain(`"${line}" is not understood`),
  );
});
