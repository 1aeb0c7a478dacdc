import { Latest } from './latest';

describe('what was used latest', () => {
  it('is kept, and what was not used for longest goes first', () => {
    const kept = new Latest<string>(2).set('a', 'A').set('b', 'B');
    expect(kept.get('a')).toBe('A');
    kept.set('c', 'C');
    expect([kept.get('a'), kept.get('b'), kept.get('c')]).toEqual(['A', undefined, 'C']);
  });

  it('is kept up to a size in all, and set anew counts once', () => {
    const kept = new Latest<string>(5, (value) => value.length).set('a', 'xx').set('a', 'xxx').set('b', 'xx');
    expect([kept.get('a'), kept.get('b')]).toEqual(['xxx', 'xx']);
    kept.set('c', 'x');
    expect([kept.get('a'), kept.get('b'), kept.get('c')]).toEqual([undefined, 'xx', 'x']);
  });

  it('does not keep what is larger than all of it', () => {
    const kept = new Latest<string>(2, (value) => value.length).set('a', 'xxx');
    expect(kept.get('a')).toBeUndefined();
  });
});
