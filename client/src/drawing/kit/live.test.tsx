import { act, renderHook } from '@testing-library/react-native';
import { useState } from 'react';

import { useHeld, useLive } from './live';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A page that keeps a list of where it has been. */
function usePage() {
  const [at, setAt] = useState(0);
  const [been] = useState<number[]>([]);
  const { live, push, drop } = useLive<number>(at, (next) => {
    been.push(next);
    setAt(next);
  });
  const layAt = (to: number) => {
    drop();
    setAt(to);
  };
  return { at, been, push, layAt, held: useHeld(live) };
}

describe('something that a hand pushes', () => {
  it('is where it is held at once, and where the page has it once that has followed', async () => {
    const { result } = await renderHook(usePage);
    expect(result.current.held).toBeNull();
    await act(() => result.current.push(5));
    expect(result.current).toMatchObject({ at: 5, held: null });
  });

  it('leaves out places in between, and never the last one', async () => {
    const { result } = await renderHook(usePage);
    await act(() => {
      for (let to = 1; to <= 40; to++) result.current.push(to);
    });
    // The page rests before it follows again: the hand is where it is.
    expect(result.current.held).toBe(40);
    await act(() => jest.runAllTimers());
    expect(result.current).toMatchObject({ at: 40, held: null });
    expect(result.current.been.length).toBeLessThan(6);
    expect(result.current.been.at(-1)).toBe(40);
  });

  it('is not followed to where it was held, once the page is put elsewhere', async () => {
    const { result } = await renderHook(usePage);
    await act(() => {
      for (let to = 1; to <= 5; to++) result.current.push(to);
    });
    await act(() => result.current.layAt(100));
    await act(() => jest.runAllTimers());
    expect(result.current).toMatchObject({ at: 100, held: null });
    await act(() => result.current.push(7));
    await act(() => jest.runAllTimers());
    expect(result.current).toMatchObject({ at: 7, held: null });
  });

  it('is let go where it was taken up, too', async () => {
    const { result } = await renderHook(usePage);
    await act(() => {
      result.current.push(3);
      result.current.push(0);
    });
    await act(() => jest.runAllTimers());
    expect(result.current).toMatchObject({ at: 0, held: null });
  });
});
