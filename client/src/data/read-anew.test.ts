import { QueryClient, QueryObserver } from '@tanstack/react-query';

import { everything, readAnew } from './read-anew';

const bikes = ['bikes'];

/** A server that answers with what it has when it is asked, and whose answers are on their way until they are let in. */
function slowServer(at: string[]) {
  let held: (() => void)[] = [];
  return {
    at,
    asked: 0,
    read({ signal }: { signal: AbortSignal }): Promise<string[]> {
      const answer = [...at];
      this.asked += 1;
      return new Promise((resolve, reject) => {
        held.push(() => resolve(answer));
        signal.addEventListener('abort', () => reject(new Error('called off')));
      });
    },
    async letIn() {
      for (const answer of held) answer();
      held = [];
      for (let turn = 0; turn < 10; turn += 1) await Promise.resolve();
    },
  };
}

describe('what has changed while an older answer was on its way', () => {
  let client: QueryClient;
  let server: ReturnType<typeof slowServer>;
  const ahead = () =>
    client.prefetchQuery({ queryKey: bikes, queryFn: (context) => server.read(context), retry: false });

  beforeEach(() => {
    client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    server = slowServer(['old']);
  });
  afterEach(() => client.clear());

  it('is not hidden by it where it was read ahead and nobody looks', async () => {
    client.setQueryData(bikes, ['older']);
    const reading = ahead();
    server.at.push('new');
    readAnew(client, [bikes]);
    await server.letIn();
    await reading;
    expect(client.getQueryData(bikes)).toEqual(['older']);
    expect(client.getQueryState(bikes)?.isInvalidated).toBe(true);
  });

  it('is not hidden by the first answer that somebody waits for: it is asked for once more', async () => {
    const end = new QueryObserver(client, { queryKey: bikes, queryFn: (context) => server.read(context) }).subscribe(
      () => undefined,
    );
    expect(server.asked).toBe(1);
    server.at.push('new');
    readAnew(client, [bikes]);
    await server.letIn();
    expect(client.getQueryData(bikes)).toEqual(['old', 'new']);
    expect(server.asked).toBe(2);
    end();
  });

  it('keeps what is known of the change already', async () => {
    client.setQueryData(bikes, ['old']);
    const reading = ahead();
    readAnew(client, [everything], () => client.setQueryData(bikes, ['old', 'known']));
    await server.letIn();
    await reading;
    expect(client.getQueryData(bikes)).toEqual(['old', 'known']);
    expect(client.getQueryState(bikes)?.isInvalidated).toBe(true);
  });

  it('leaves alone what it does not concern', async () => {
    const reading = ahead();
    readAnew(client, [['stores']]);
    await server.letIn();
    await reading;
    expect(client.getQueryData(bikes)).toEqual(['old']);
    expect(client.getQueryState(bikes)?.isInvalidated).toBe(false);
  });
});
