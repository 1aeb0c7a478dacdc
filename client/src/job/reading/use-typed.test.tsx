import { act, renderHook } from '@testing-library/react-native';

import { useTyped } from './use-typed';

/** The page's window as far as typing goes. */
function fakeWindow() {
  const listeners = new Map<string, (event: never) => void>();
  return {
    addEventListener: (type: string, listener: (event: never) => void) => listeners.set(type, listener),
    removeEventListener: (type: string) => listeners.delete(type),
    key: (key: string, target: object | null = null, more: object = {}) => {
      const event = { key, target, preventDefault: jest.fn(), stopPropagation: jest.fn(), ...more };
      act(() => listeners.get('keydown')?.(event as never));
      return event;
    },
    paste: (text: string) => act(() => listeners.get('paste')?.({ clipboardData: { getData: () => text } } as never)),
    listeners,
  };
}

describe('what is typed', () => {
  const page = fakeWindow();
  beforeEach(() => {
    Object.assign(window, { addEventListener: page.addEventListener, removeEventListener: page.removeEventListener });
    const kept = new Map<string, string>();
    Object.assign(globalThis, {
      sessionStorage: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => kept.set(key, value),
        removeItem: (key: string) => kept.delete(key),
      },
    });
  });

  it('comes from keys, keypad and paste alike, and Enter accepts it', () => {
    const accept = jest.fn();
    const { result } = renderHook(() => useTyped('here', accept));
    for (const key of '9.5') page.key(key);
    act(() => result.current.press('8'));
    expect(result.current.text).toBe('9.58');
    page.key('Backspace');
    expect(result.current.text).toBe('9.5');
    page.paste(' 10,02 mm ');
    expect(result.current.text).toBe('10,02 mm');
    page.key('Enter');
    expect(accept).toHaveBeenCalledWith('10,02 mm');
  });

  it('keeps up with a caliper that types faster than the page draws', () => {
    const accept = jest.fn();
    const { result } = renderHook(() => useTyped('fast', accept));
    act(() => {
      for (const key of '100.35') result.current.press(key);
    });
    expect(result.current.text).toBe('100.35');
  });

  it('leaves shortcuts, fields and an Enter on a button alone', () => {
    const accept = jest.fn();
    const { result } = renderHook(() => useTyped('shy', accept));
    page.key('v', null, { ctrlKey: true });
    page.key('7', { matches: (selector: string) => selector.includes('input') });
    expect(result.current.text).toBe('');
    const onButton = page.key('Enter', {
      matches: (selector: string) => selector.includes('button') && !selector.includes('input'),
    });
    expect(onButton.preventDefault).not.toHaveBeenCalled();
    expect(accept).not.toHaveBeenCalled();
  });

  it('is a draft of this place only', () => {
    const first = renderHook(() => useTyped('one', jest.fn()));
    act(() => first.result.current.press('7'));
    first.unmount();
    expect(renderHook(() => useTyped('two', jest.fn())).result.current.text).toBe('');
    expect(renderHook(() => useTyped('one', jest.fn())).result.current.text).toBe('7');
  });

  it('ends at a length that no caliper sends', () => {
    const { result } = renderHook(() => useTyped('long', jest.fn()));
    for (let n = 0; n < 40; n++) page.key('9');
    expect(result.current.text.length).toBeLessThanOrEqual(12);
  });
});
