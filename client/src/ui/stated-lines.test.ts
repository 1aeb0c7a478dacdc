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

  it.each([
    ['axle nut', 'is not understood'],
    ['wing nut 5', 'is not understood'],
    ['stem 900', 'not between 0.5 and 150'],
  ])('that are not understood say so: %s', (line, words) => {
    expect(String(readStated(line, 'its maker'))).toContain(words);
  });
});
