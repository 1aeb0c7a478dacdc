import { asWritten } from '@cricket/core/said';
import { featureById, features } from '@cricket/core/features';
import type { NextAction } from '@cricket/core/next-action';

import { figure, inHundred, signed } from '../../ui/figure-text';
import { nextMark, nextSentence, purchaseWords } from './next-words';
import { nextPath } from './next-path';

const finding = {
  id: 'condition',
  verdict: 'stop' as const,
  measured: null,
  limit: null,
  margin: null,
  unit: '',
  because: asWritten('The end is cracked.'),
  remedies: [asWritten('Replace the fork.')],
};
const atStand = (waits: 'problem' | 'second-person' | null): NextAction => ({
  kind: 'stand',
  end: 'rear',
  wheelCode: 'RW-3',
  stepId: 'parcel-look.rear',
  title: asWritten('Look the parcel over'),
  at: 1,
  of: 93,
  done: 0,
  waits,
});

const actions: [NextAction, action: string, path: string][] = [
  [
    { kind: 'measure', end: 'front', feature: featureById('slot-width.left.seat')!, open: 3 },
    'Measure the left slot at the seat',
    '/bikes/b/front/measure?feature=slot-width.left.seat',
  ],
  [{ kind: 'refused', end: 'front', other: 'rear' }, 'Front refused: look at the rear end', '/bikes/b'],
  [{ kind: 'take-in', end: 'rear', open: [asWritten('load')] }, 'Finish taking it in', '/bikes/b/take-in'],
  [{ kind: 'choose-wheel', end: 'rear' }, 'Choose a kit', '/bikes/b/rear/match'],
  [
    {
      kind: 'buy',
      end: 'rear',
      wheelCode: 'RW-3',
      purchase: [{ kind: 'plain', thicknessMm: 5, count: 1 }],
      because: asWritten('x'),
    },
    'Get 1 washer 5 mm',
    '/bikes/b/rear/fit',
  ],
  [{ kind: 'stopped', end: 'front', wheelCode: 'FW-1', finding }, 'Replace the fork', '/bikes/b/front/fit'],
  [
    { kind: 'accept', end: 'rear', wheelCode: 'RW-2', fileMm: 0.25, twoArms: true, verdict: 'work' },
    'File 0.25 mm, then two arms',
    '/bikes/b/rear/fit',
  ],
  [
    { kind: 'accept', end: 'rear', wheelCode: 'RW-4', fileMm: 0, twoArms: false, verdict: 'goes' },
    'Look at the washers and take a stack',
    '/bikes/b/rear/fit',
  ],
  [
    { kind: 'fit', end: 'rear', wheelCode: 'RW-3', left: ['a'], right: ['b', 'c'] },
    'Put the washers in as recorded',
    '/bikes/b/rear/stack',
  ],
  [
    { kind: 'awaited', end: 'rear', wheelCode: 'RW-3', what: 'Kit RW-3', count: 2 },
    'Waiting for Kit RW-3 and 1 more',
    '/bikes/b/rear/order',
  ],
  [atStand(null), 'Look the parcel over', '/bikes/b/stand?step=parcel-look.rear'],
  [atStand('problem'), 'Look the parcel over', '/bikes/b/stand?step=parcel-look.rear'],
  [atStand('second-person'), 'Look the parcel over', '/bikes/b/stand?step=parcel-look.rear'],
];

describe('the next action in words', () => {
  it.each(actions)('%j', (next, action, path) => {
    const sentence = nextSentence(next);
    expect(sentence).toMatchObject({ action });
    expect(sentence.because).toMatch(/\S/);
    expect(nextPath('b', next)).toBe(path);
  });

  it('is marked as the end stands, unless something is wrong at the stand', () => {
    for (const ofEnd of ['goes', 'work', 'unknown', 'stop'] as const) {
      expect(nextMark(atStand(null), ofEnd)).toBe(ofEnd);
      expect(nextMark(atStand('problem'), ofEnd)).toBe(ofEnd === 'goes' ? 'work' : ofEnd);
    }
  });

  it('says on whose word an end goes', () => {
    const accept = {
      kind: 'accept',
      end: 'rear',
      wheelCode: 'RW-2',
      fileMm: 0,
      twoArms: false,
      verdict: 'work',
    } as const;
    expect(nextSentence({ ...accept, onWordOf: 'Hesper' }).because).toMatch(/on Hesper’s word against a stop/);
    expect(nextSentence(accept).because).not.toMatch(/word of|’s word/);
  });

  it('has an action for every feature', () => {
    for (const feature of features)
      expect(nextSentence({ kind: 'measure', end: 'rear', feature, open: 2 }).action).toMatch(/^[A-Z]/);
  });

  it('lists a purchase', () => {
    expect(
      purchaseWords([
        { kind: 'plain', thicknessMm: 5, count: 2 },
        { kind: 'tabbed', thicknessMm: 2.5, count: 1 },
      ]),
    ).toBe('2 washers 5 mm and 1 tabbed washer 2.5 mm');
  });
});

describe('figures for the eye', () => {
  it.each([
    [0.1 + 0.2, '0.3'],
    [-0.25, '−0.25'],
    [-0.0001, '0'],
    [100, '100'],
  ])('%d is %s', (value, text) => {
    expect(figure(value)).toBe(text);
  });

  it('shows a sign where it matters, and never promises', () => {
    expect([signed(0.4), signed(-0.4), signed(0)]).toEqual(['+0.4', '−0.4', '0']);
    expect([inHundred(0.92), inHundred(0.9999), inHundred(0.001)]).toEqual([
      '92 in 100',
      'over 99 in 100',
      'under 1 in 100',
    ]);
  });
});
