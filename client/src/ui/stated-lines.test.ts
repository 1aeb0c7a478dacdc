import { statedFasteners } from '@cricket/core/stated-torques';

import { inGerman } from './german.testing';
import { readStated, statedText } from './stated-lines';

describe('torques that makers state, one a line', () => {
  it('are read with end, "up to" and whose they are', () => {
    expect(
      readStated('front axle nut up to 40, the fork’s sheet\nstem 6.5 Nm\ncrank 45 N·m (marked on it)', 'its maker'),
    ).toEqual([
      { fastener: 'axle-nut', Nm: 40, source: 'the fork’s sheet', upTo: true, end: 'front' },
      { fastener: 'stem', Nm: 6.5, source: 'its maker' },
      { fastener: 'crank', Nm: 45, source: 'marked on it' },
    ]);
  });

  it('come back as they were written', () => {
    const text = 'rear axle nut 45, kit sheet\npedal up to 35, crank';
    expect(statedText(readStated(text, '') as never)).toBe(text);
    expect(readStated('', 'its maker')).toEqual([]);
  });

  it('are written in the words of whoever writes them', () => {
    const german = inGerman(() => jest.requireActual<typeof import('./stated-lines')>('./stated-lines'));
    const text = 'Achsmutter vorn bis 40, Datenblatt der Gabel\nBremsscheibenschraube 6, darauf';
    const torques = [
      { fastener: 'axle-nut', Nm: 40, source: 'Datenblatt der Gabel', upTo: true, end: 'front' },
      { fastener: 'rotor', Nm: 6, source: 'darauf' },
    ];
    expect(german.readStated(text, '')).toEqual(torques);
    expect(german.readStated('VORN achsmutter BIS 40; Datenblatt der Gabel', '')).toEqual([torques[0]]);
    expect(german.statedText(torques as never)).toBe(text);
    expect(german.fastenerList.split(', ')).toHaveLength(statedFasteners.length);
    expect(String(german.readStated('axle nut 40', ''))).toContain('„axle nut 40“ ist nicht zu verstehen');
  });

  it('have a name of its own for each fastener, in both languages', () => {
    const german = inGerman(() => jest.requireActual<typeof import('./stated-lines')>('./stated-lines'));
    for (const { readStated: read, statedText: write } of [{ readStated, statedText }, german]) {
      for (const fastener of statedFasteners) {
        const stated = [{ fastener, Nm: 7, source: 'x', end: 'rear' as const }];
        expect(read(write(stated), '')).toEqual(stated);
      }
    }
  });

  it.each([
    ['axle nut', 'is not understood'],
    ['wing nut 5', 'is not understood'],
    ['stem 900', 'not between 0.5 and 150'],
  ])('that are not understood say so: %s', (line, words) => {
    expect(String(readStated(line, 'its maker'))).toContain(words);
  });
});
