import { act, renderHook } from '@testing-library/react-native';

import { useDraft, type Draft } from './use-draft';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
    },
  });
});

const show = (recorded: string[]) =>
  renderHook<Draft<string[]>, { now: string[] }>(({ now }) => useDraft('here', now), {
    initialProps: { now: recorded },
  });
const doing = (work: () => void): void => act(work);

describe('what is changed and not recorded yet', () => {
  it('shows what is recorded, whoever records it, until it is changed here', () => {
    const { result, rerender } = show(['one']);
    rerender({ now: ['one', 'two'] });
    expect(result.current).toMatchObject({ value: ['one', 'two'], changed: false, overtaken: false });
    doing(() => result.current.change(['mine']));
    expect(result.current).toMatchObject({ value: ['mine'], changed: true, overtaken: false });
  });

  it('is still there after the page was left', () => {
    const before = show(['one']);
    doing(() => before.result.current.change(['mine']));
    before.unmount();
    expect(show(['one']).result.current).toMatchObject({ value: ['mine'], changed: true });
  });

  it('says so when something else was recorded meanwhile, and keeps both', () => {
    const { result, rerender } = show(['one']);
    doing(() => result.current.change(['mine']));
    rerender({ now: ['theirs'] });
    expect(result.current).toMatchObject({ value: ['mine'], changed: true, overtaken: true });
    doing(() => result.current.drop());
    expect(result.current).toMatchObject({ value: ['theirs'], changed: false, overtaken: false });
  });

  it('is none once it is recorded, or says the same', () => {
    const { result, rerender } = show(['one']);
    doing(() => result.current.change(['mine']));
    rerender({ now: ['mine'] });
    expect(result.current).toMatchObject({ value: ['mine'], changed: false, overtaken: false });
    doing(() => result.current.drop());
    expect(show(['mine']).result.current.changed).toBe(false);
  });

  it('is gone after a working day: nobody has just seen that', () => {
    const before = show(['one']);
    doing(() => before.result.current.change(['mine']));
    const { atMs, ...rest } = JSON.parse(kept.get('here')!) as { atMs: number };
    kept.set('here', JSON.stringify({ ...rest, atMs: atMs - 13 * 3_600_000 }));
    expect(show(['one']).result.current).toMatchObject({ value: ['one'], changed: false });
  });
});
