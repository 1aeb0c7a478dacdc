import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';

import { useSearch } from './use-search';

interface Asked {
  input: object;
  progress: (done: number, all: number) => void;
  answer: (found: string | null) => void;
}
const asked: Asked[] = [];
const cancelled = { times: 0 };
const worker = {
  look: (input: object, progress: Asked['progress']) =>
    new Promise<string | null>((answer) => asked.push({ input, progress, answer })),
  cancel: () => {
    cancelled.times++;
    asked.at(-1)!.answer(null);
    return Promise.resolve();
  },
};
jest.mock('comlink', () => ({ proxy: (given: unknown) => given }));
jest.mock('../../workers/fit-worker', () => ({
  askFitWorker: (ask: (at: typeof worker) => Promise<unknown>) => ask(worker),
}));

const client = new QueryClient();
const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={client}>{children}</QueryClientProvider>
);
const search = (input: object | null) =>
  renderHook(
    (given: { input: object | null }) =>
      useSearch<object, string>('look', 'b', given.input, (at, what, progress) =>
        (at as unknown as typeof worker).look(what, progress),
      ),
    { wrapper, initialProps: { input } },
  );

afterEach(() => client.clear());

describe('a search in the worker', () => {
  it('waits for what it is about, says how far it is, and answers', async () => {
    const { result, rerender } = await search(null);
    expect(asked).toHaveLength(0);
    await rerender({ input: { kits: 2 } });
    await waitFor(() => expect(asked).toHaveLength(1));
    await act(() => asked[0]!.progress(1, 2));
    expect(result.current.progress).toEqual({ done: 1, all: 2 });
    await act(() => asked[0]!.answer('found'));
    await waitFor(() => expect(result.current.answer).toBe('found'));
    expect(result.current).toMatchObject({ failed: false, cancelled: false });
  });

  it('can be stopped, and looked through again', async () => {
    const before = asked.length;
    const { result } = await search({ kits: 3 });
    await waitFor(() => expect(asked).toHaveLength(before + 1));
    await act(() => result.current.cancel());
    await waitFor(() => expect(result.current.cancelled).toBe(true));
    expect([cancelled.times, result.current.answer]).toEqual([1, null]);
    await act(() => result.current.again());
    await waitFor(() => expect(asked).toHaveLength(before + 2));
    await act(() => asked.at(-1)!.answer('at last'));
    await waitFor(() => expect(result.current.answer).toBe('at last'));
    expect(result.current.cancelled).toBe(false);
  });
});
