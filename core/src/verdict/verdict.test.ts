import { worstFirst, worstOf, type Finding, type Verdict } from './index';

const finding = (id: string, verdict: Verdict): Finding => ({
  id,
  verdict,
  measured: null,
  limit: null,
  margin: null,
  unit: '',
  because: '',
  remedies: [],
});

describe('verdicts', () => {
  it('takes the worst: stop, unknown, work, goes', () => {
    expect(worstOf(['goes', 'work', 'unknown', 'stop'])).toBe('stop');
    expect(worstOf(['goes', 'work', 'unknown'])).toBe('unknown');
    expect(worstOf(['goes', 'work'])).toBe('work');
    expect(worstOf(['goes'])).toBe('goes');
  });

  it('never says goes of nothing', () => {
    expect(worstOf([])).toBe('unknown');
  });

  it('sorts findings worst first and leaves equals in their order', () => {
    const mixed = [
      finding('a', 'goes'),
      finding('b', 'stop'),
      finding('c', 'goes'),
      finding('d', 'unknown'),
      finding('e', 'stop'),
    ];
    expect(worstFirst(mixed).map(({ id }) => id)).toEqual(['b', 'e', 'd', 'a', 'c']);
  });
});
