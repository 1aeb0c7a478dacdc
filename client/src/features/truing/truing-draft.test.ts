import { dishOf, newTruing, plausible, truingData, withReading } from './truing-draft';

describe('a round of truing', () => {
  it('goes round the wheel, then on to the next kind of reading', () => {
    let draft = newTruing(4);
    for (const value of [0.1, -0.2, 0, 0.3]) draft = withReading(draft, value);
    expect(draft).toMatchObject({ reading: 'radialMm', at: 0 });
    expect(draft.spokes.map(({ lateralMm }) => lateralMm)).toEqual([0.1, -0.2, 0, 0.3]);
    expect(draft.spokes.map(({ side }) => side)).toEqual(['left', 'right', 'left', 'right']);
  });

  it('comes back to what was left out, and stays on the last when all is read', () => {
    let draft = { ...newTruing(2), at: 1 };
    draft = withReading(draft, 0.4);
    expect(draft).toMatchObject({ reading: 'lateralMm', at: 0 });
    for (const value of [0.1, 0.2, 0.1, 0.3, 900, 950]) draft = withReading(draft, value);
    expect(draft.spokes.every(({ tensionN }) => tensionN !== undefined)).toBe(true);
    expect(draft).toMatchObject({ reading: 'tensionN', at: 1 });
  });

  it('records what was read and nothing else', () => {
    const draft = withReading({ ...newTruing(2), dish: '-0,4' }, 0.2);
    expect(truingData(draft)).toEqual({
      spokes: [{ side: 'left', lateralMm: 0.2 }, { side: 'right' }],
      dishMm: -0.4,
    });
    expect(truingData({ ...draft, dish: '' })).not.toHaveProperty('dishMm');
  });

  it('knows what a reading can be', () => {
    expect(plausible('tensionN', -1)).toBe(false);
    expect(plausible('lateralMm', -20)).toBe(true);
    expect(dishOf('31')).toBeUndefined();
    expect(dishOf('x')).toBeUndefined();
  });
});
