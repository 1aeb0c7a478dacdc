import { endFacts } from '@cricket/core/end-facts';
import { exampleLawClasses } from '@cricket/core/law';
import { takeIn } from '@cricket/core/take-in';

import { scoreInput } from './score-input';
import { checkTakeIn, takeInFacts, takeInFields, typedSoFar } from './take-in-form';

const ends = { front: endFacts('front', []), rear: endFacts('rear', []) };
const score = (facts: Parameters<typeof scoreInput>[0]) => takeIn(scoreInput(facts, ends, 35));
const before = {
  ...{ bikeKg: 17, riderKg: 70, loadKg: 5, speedKmh: 22, descentPercent: 4 },
  climb: { gradePercent: 4, minutes: 5 },
};
const typed = (change: Partial<ReturnType<typeof takeInFields>>) => ({ ...takeInFields(before), ...change });

describe('front, rear or mid while it is typed', () => {
  it('answers to what is typed at once, and says the same before and after it is kept', () => {
    const values = typed({ loadKg: '60', loadAt: 'rear', climb: '14', rearBrake: 'coaster' });
    expect(checkTakeIn(values).errors).toEqual({});
    const live = score(typedSoFar(values, before, exampleLawClasses));
    expect(live).not.toEqual(score(before));
    const kept = takeInFacts(values, before, exampleLawClasses);
    expect(score(kept)).toEqual(live);
    // And once it comes back from the server, with nothing more typed.
    expect(score(typedSoFar(takeInFields(kept), kept, exampleLawClasses))).toEqual(live);
  });

  it.each([
    ['loadKg', 'heavy'],
    ['riderKg', '9999'],
    ['climb', '1,001'],
    ['budget', '-5'],
  ] as const)('takes %s = %s for not said, not for a figure', (name, text) => {
    const facts = typedSoFar(typed({ [name]: text }), before, exampleLawClasses);
    expect(facts).toEqual(typedSoFar(typed({ [name]: '' }), before, exampleLawClasses));
    expect(() => score(facts)).not.toThrow();
  });
});
