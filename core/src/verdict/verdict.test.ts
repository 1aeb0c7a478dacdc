import { asWritten } from '../said';
import { worstFirst, worstOf, type Finding, type Verdict } from './index';

const finding = (id: string, verdict: Verdict): Finding => ({
  id,
  verdict,
  measured: null,
  limit: null,
  margin: null,
  unit: '',
  because: asWritten(''),
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

  it('puts the worse side of one rule first', () => {
    const at = (id: string, verdict: Verdict, margin: number | null) => ({ ...finding(id, verdict), margin });
    const order = (...items: Finding[]) => worstFirst(items).map(({ id }) => id);
    const between = at('plate', 'work', 1);
    expect(order(at('slot.left', 'work', -0.1), between, at('slot.right', 'work', -0.3))).toEqual([
      'slot.right',
      'plate',
      'slot.left',
    ]);
    expect(order(at('slot.left', 'work', -0.3), at('slot.right', 'work', -0.1))).toEqual(['slot.left', 'slot.right']);
    expect(order(at('slot.left', 'stop', 1), at('slot.right', 'work', -3))).toEqual(['slot.left', 'slot.right']);
    expect(order(at('slot.left', 'work', null), at('slot.right', 'work', -3))).toEqual(['slot.right', 'slot.left']);
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
