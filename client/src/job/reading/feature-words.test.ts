import { features, rowOfFeature } from '@cricket/core/features';
import { page } from '@cricket/words/en/page';

import { answerName, featureWords } from './feature-words';

describe('the words of a feature', () => {
  it('exist for every feature and every answer', () => {
    for (const feature of features) {
      for (const text of Object.values(featureWords(feature.id))) expect(text).toMatch(/\S/);
      if (feature.kind !== 'word') continue;
      for (const word of feature.words) expect(answerName(feature.id, word)).toMatch(/^[A-Z0-9]/);
    }
  });

  it('say which side and which place is meant', () => {
    expect(featureWords('slot-width.left.seat')).toMatchObject({
      title: 'Left slot, width at the seat',
      todo: 'Measure the left slot at the seat',
    });
    expect(featureWords('spacing.back').title).not.toBe(featureWords('spacing.front').title);
    expect(answerName('blade-material', 'aluminium-unsure')).toBe('Aluminium, not sure which');
    expect(answerName('gears', '9')).toBe('9');
    expect(answerName('brakes.rear', 'rim')).toBe('rim');
  });

  it('are kept for no feature that there is not', () => {
    const named = new Set(features.map(({ id }) => rowOfFeature(id).row.id.replaceAll('.', '-')));
    const worded = Object.keys(page.measure)
      .filter((code) => code.startsWith('feature.') && !code.startsWith('feature.at.'))
      .map((code) => code.split('.')[1]!);
    expect(worded.filter((name) => !named.has(name))).toEqual([]);
  });
});
