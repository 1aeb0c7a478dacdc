import { asWritten } from '../said';
import { axleAt } from '../model';
import fc from 'fast-check';

import { fit } from '../fit';
import { invented } from '../fit/invented.testing';
import type { Finding, Verdict } from '../verdict';
import { mayOverride, overridesOf, withOverrides, type Override } from './index';

const finding = (id: string, verdict: Verdict): Finding => ({
  id,
  verdict,
  measured: 900,
  limit: 250,
  margin: -650,
  unit: 'W',
  because: asWritten('Too strong for the class.'),
  remedies: [asWritten('Take a smaller kit.')],
});

const override = (findingId: string): Override => ({
  findingId,
  because: 'Ridden on private ground only.',
  person: 'Hesper',
  at: '2026-03-02T09:00:00.000Z',
});

describe('overrides', () => {
  it('turn a stop into work, keep figures and reason, and name who answers for it', () => {
    const stop = finding('law-power', 'stop');
    expect(withOverrides([stop], [override('law-power')])).toEqual([
      { ...stop, verdict: 'work', overridden: { person: 'Hesper', because: 'Ridden on private ground only.' } },
    ]);
  });

  it.each([
    ['carbon'],
    ['slot-width.left'],
    ['slot-play.right'],
    ['thread-left'],
    ['spins.left'],
    ['safety'],
    ['condition'],
    ['approval'],
    ['maker-approval'],
    ['no-brake.front'],
    ['ejection'],
    ['lip.right'],
    ['rating.rack'],
  ])('never touch %s', (id) => {
    expect(mayOverride(finding(id, 'stop'))).toBe(false);
    expect(withOverrides([finding(id, 'stop')], [override(id)])[0]!.verdict).toBe('stop');
  });

  it('change nothing that is not a stop, and nothing that they do not name', () => {
    const verdicts = fc.constantFrom<Verdict>('goes', 'work', 'unknown');
    fc.assert(
      fc.property(verdicts, (verdict) => {
        const one = finding('law-power', verdict);
        expect(withOverrides([one], [override('law-power')])).toEqual([one]);
      }),
    );
    expect(withOverrides([finding('law-speed', 'stop')], [override('law-power')])[0]!.verdict).toBe('stop');
  });

  it('never let a carbon end go, whatever is overridden', () => {
    const carbon = invented({ words: { material: 'carbon' } });
    const plain = fit(carbon);
    const all = plain.findings.map(({ id }) => override(id));
    expect(fit({ ...carbon, overrides: all }).verdict).toBe('stop');
  });
});

describe('an override', () => {
  const given = {
    id: 'o',
    kind: 'override' as const,
    place: 'rear-axle' as const,
    data: { wheelId: 'w', findingId: 'law-power', because: 'private ground' },
    at: '2026-03-02T10:00:00.000Z',
    person: 'Hesper',
    withdrawnAt: null,
  };
  const chose = (wheelId: string, time: string, end: 'front' | 'rear' = 'rear') => ({
    place: axleAt(end),
    kind: 'wheel' as const,
    wheelId,
    chosenAt: `2026-03-02T${time}:00.000Z`,
  });

  it('holds for the wheel it was given for, and ends once another one is chosen, for good', () => {
    const before = [chose('v', '08:00'), chose('w', '09:00')];
    expect(overridesOf([given], 'rear', 'w', before)).toMatchObject([{ findingId: 'law-power', person: 'Hesper' }]);
    expect(overridesOf([given], 'rear', 'w', [...before, chose('v', '11:00'), chose('w', '12:00')])).toEqual([]);
    expect(overridesOf([given], 'rear', 'w', [...before, chose('v', '11:00', 'front')])).toHaveLength(1);
    expect(overridesOf([given], 'rear', 'v', before)).toEqual([]);
  });
});
