import { asWritten } from '@cricket/core/said';
import { limitWords } from './limit-words';

const finding = (measured: number | null, limit: number | null, margin: number | null, unit = 'mm') => ({
  ...{ id: 'x', verdict: 'work' as const, because: asWritten(''), remedies: [], measured, limit, margin, unit },
});

describe('a limit in words', () => {
  it.each([
    [finding(4, 5, 1), 'at most 5 mm'],
    [finding(6, 5, -1), 'at most 5 mm'],
    [finding(6, 5, 1), 'at least 5 mm'],
    [finding(4, 5, -1, 'kg'), 'at least 5 kg'],
    // What is off either way is held to its size.
    [finding(-0.4, 0.5, 0.1), 'at most 0.5 mm'],
    [finding(-0.7, 0.5, -0.2), 'at most 0.5 mm'],
    // On the limit, or without a margin, nothing tells which way it holds.
    [finding(5, 5, 0), 'limit 5 mm'],
    [finding(5, 5, null), 'limit 5 mm'],
    [finding(null, 5, null, ''), 'limit 5'],
    [finding(3, null, null), ''],
  ])('%j: %s', (item, told) => expect(limitWords(item)).toBe(told));

  it('is none for a count of what is open', () => {
    expect(limitWords({ ...finding(3, 0, -3, ''), verdict: 'unknown' })).toBe('');
  });
});
