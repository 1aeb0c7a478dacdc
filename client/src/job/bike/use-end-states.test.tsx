import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { BikeRecord as CoreRecord } from '@cricket/core/next-action';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';

import { useEndStates } from './use-end-states';

const asked: [CoreRecord, End][] = [];
const broken = { now: false };
jest.mock('../../workers/fit-worker', () => ({
  askFitWorker: (ask: (worker: object) => Promise<unknown>) =>
    ask({
      endState: (record: CoreRecord, end: End) => {
        asked.push([record, end]);
        return broken.now
          ? Promise.reject(new Error('worker'))
          : Promise.resolve({ end, readings: record.readings.length });
      },
    }),
}));

const empty: BikeRecord = {
  bike: {
    id: 'b',
    tag: 'MQ-1',
    label: 'Box bike',
    kind: 'box-bike',
    motorEnd: 'front',
    note: '',
    facts: {},
    version: 1,
    createdAt: '2026-03-02T09:00:00Z',
    withdrawnAt: null,
  } as unknown as BikeRecord['bike'],
  readings: [],
  choices: [],
  acceptances: [],
  taken: [],
  orders: [],
  events: [],
  photos: [],
};
const workshop = { wheels: [], stores: [] };
const ends = ['front', 'rear'] as const;
const event = (id: string, kind: 'step' | 'override', withdrawnAt: string | null = null) =>
  ({ id, kind, place: 'front-axle', data: {}, at: `2026-03-02T09:00:0${id}Z`, person: 'Wren', withdrawnAt }) as never;

const client = new QueryClient();
// What was worked out is held for minutes, and a timer for it would hold up the end of the run.
afterAll(() => client.clear());
const Asking = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={client}>{children}</QueryClientProvider>
);

async function shown(record: BikeRecord | null) {
  const hook = await renderHook(({ now }: { now: BikeRecord | null }) => useEndStates(now, ends, workshop), {
    initialProps: { now: record },
    wrapper: Asking,
  });
  return { ...hook, now: (next: BikeRecord | null) => hook.rerender({ now: next }) };
}

describe('the states of ends', () => {
  beforeEach(() => {
    asked.splice(0);
    client.clear();
  });

  it('are worked out for each end once the record is there', async () => {
    const { result, now } = await shown(null);
    expect(result.current.states).toBeNull();
    await now(empty);
    await waitFor(() =>
      expect(result.current.states).toMatchObject({ front: { end: 'front' }, rear: { end: 'rear' } }),
    );
    expect(asked.map(([, end]) => end)).toEqual(['front', 'rear']);
  });

  it('say that they could not be worked out, and are when asked again', async () => {
    const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    broken.now = true;
    const { result } = await shown(empty);
    await waitFor(() => expect(result.current.failed?.message).toBe('worker'));
    expect(result.current.states).toBeNull();
    broken.now = false;
    await act(() => result.current.again());
    await waitFor(() => expect(result.current.states).not.toBeNull());
    expect(result.current.failed).toBeNull();
    told.mockRestore();
  });

  it('are not worked out anew for what a fit does not depend on', async () => {
    const { result, now } = await shown(empty);
    await waitFor(() => expect(result.current.states).not.toBeNull());
    const before = result.current.states;
    // The same read anew, a step written down, a photo, an order line.
    await now(structuredClone(empty));
    await now({ ...empty, events: [event('1', 'step')], photos: [{ id: 'p' } as never], orders: [{} as never] });
    expect(asked).toHaveLength(2);
    expect(result.current.states).toBe(before);
  });

  it('follow a reading, an override and its withdrawal', async () => {
    const { result, now } = await shown(empty);
    await waitFor(() => expect(result.current.states).not.toBeNull());
    await now({ ...empty, readings: [{ id: 'r' } as never] });
    await waitFor(() => expect(result.current.states).toMatchObject({ front: { readings: 1 } }));
    await now({ ...empty, events: [event('1', 'step'), event('2', 'override')] });
    await waitFor(() => expect(result.current.states).toMatchObject({ front: { readings: 0 } }));
    await now({ ...empty, events: [event('1', 'step'), event('2', 'override', '2026-03-02T10:00:00Z')] });
    await waitFor(() => expect(asked).toHaveLength(8));
    expect(asked.at(-1)![0].events).toMatchObject([{ id: '2', withdrawnAt: '2026-03-02T10:00:00Z' }]);
  });
});
