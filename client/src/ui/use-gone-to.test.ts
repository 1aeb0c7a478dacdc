import { act, renderHook } from '@testing-library/react-native';

import { useGoneTo } from './use-gone-to';

describe('going on within a page', () => {
  const followed: string[] = [];
  const at = (address: string | undefined) =>
    renderHook(({ asked }: { asked: string | undefined }) => useGoneTo(asked), { initialProps: { asked: address } });
  beforeEach(() => {
    jest.useFakeTimers();
    followed.length = 0;
  });
  afterEach(() => jest.useRealTimers());

  it('is shown at once; the address follows', () => {
    const { result, rerender } = at(undefined);
    act(() => result.current.go('b', () => followed.push('b')));
    expect([result.current.at, followed]).toEqual(['b', []]);
    act(() => jest.runAllTimers());
    expect(followed).toEqual(['b']);
    rerender({ asked: 'b' });
    expect(result.current.at).toBe('b');
    // An address that nobody went to here holds.
    rerender({ asked: 'x' });
    expect(result.current.at).toBe('x');
  });

  it('never falls back while the addresses of quick steps come in one after another', () => {
    const { result, rerender } = at('a');
    for (const to of ['b', 'c', 'd']) act(() => result.current.go(to, () => followed.push(to)));
    expect(result.current.at).toBe('d');
    for (const asked of ['b', 'c', 'd']) {
      rerender({ asked });
      expect(result.current.at).toBe('d');
    }
    // There and back.
    act(() => result.current.go('e', () => undefined));
    act(() => result.current.go('d', () => undefined));
    for (const asked of ['e', 'd']) {
      rerender({ asked });
      expect(result.current.at).toBe('d');
    }
  });
});
