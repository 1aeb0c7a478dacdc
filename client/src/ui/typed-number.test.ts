import { numberRule } from './number-rule';
import { readTyped } from './typed-number';

describe('readTyped', () => {
  it.each([
    ['9.58', 9.58],
    ['9,58', 9.58],
    [' 9.58 mm ', 9.58],
    ['0.377"', 0.377],
    ['.5', 0.5],
    ['7.', 7],
    ['-3', -3],
    ['−3', -3],
    ['1 200', 1200],
  ])('reads %j as %d', (text, value) => {
    expect(readTyped(text)).toEqual({ kind: 'number', value });
  });

  it.each(['abc', '9.58kg', '1e3', 'NaN', 'Infinity', '0x10', '--1', '.', '9-5'])('does not guess at %j', (text) => {
    expect(readTyped(text)).toEqual({ kind: 'unreadable', why: 'letters' });
  });

  it.each(['9.5.8', '1.000,5', '1,000,000'])('does not guess which point of %j is the decimal one', (text) => {
    expect(readTyped(text)).toEqual({ kind: 'unreadable', why: 'two-points' });
  });

  it.each([
    ['1,001', '.'],
    ['12.500', ','],
    ['-999,999', '.'],
  ] as const)('does not guess whether %j are thousands where decimals are after %s', (text, mark) => {
    expect(readTyped(text, mark)).toEqual({ kind: 'unreadable', why: 'thousands' });
    const own = mark === '.' ? ',' : '.';
    expect(readTyped(text, own)).toEqual({ kind: 'number', value: Number(text.replace(',', '.')) });
  });

  it.each(['0,125', '1,25', '1,2500', '1234,567', ',125'])(
    'takes %j, which is no thousand, with either mark',
    (text) => {
      for (const mark of ['.', ','] as const) {
        expect(readTyped(text, mark)).toEqual({ kind: 'number', value: Number(text.replace(',', '.')) });
      }
    },
  );

  it('tells empty from unreadable', () => {
    expect(readTyped('  ')).toEqual({ kind: 'empty' });
  });
});

describe('numberRule', () => {
  const rule = numberRule(4, 60, 'mm', true);
  it('names value and range', () => {
    expect(rule('12.3')).toBe(true);
    expect(rule('')).toBe('Enter a figure from 4 to 60 mm.');
    expect(rule('wide')).toBe('"wide" is not a figure; enter one from 4 to 60 mm.');
    expect(rule('9999')).toBe('9999 is out of range; enter a figure from 4 to 60 mm.');
    expect(numberRule(4, 60, 'mm', false)('')).toBe(true);
    expect(rule('9.5.8')).toBe('"9.5.8" has two decimal points; enter one from 4 to 60 mm.');
    expect(rule(' 1,001 ')).toBe('"1,001" may be 1001, or 1 with decimals: write 1001, or two decimals at most.');
  });
});
