import type { Problem } from '@cricket/contract/problem';

import { BrokenError, RefusedError, UnreachableError, type WriteRequest } from './api';
import { Outbox } from './outbox';
import type { OutboxStore, PendingWrite } from './outbox-store';
import { mostFailures } from './set-aside';

/** A store that outlives the outbox, as IndexedDB outlives a page. */
function memoryStore(): OutboxStore {
  const rows = new Map<number, PendingWrite>();
  let seq = 1;
  return {
    durable: true,
    all: async () => [...rows.values()],
    add: async (write) => {
      rows.set(seq, { ...write, seq });
      return seq++;
    },
    put: async (write) => void rows.set(write.seq, write),
    remove: async (number) => void rows.delete(number),
  };
}

const write = (writeId: string): WriteRequest => ({
  writeId,
  method: 'PUT',
  path: `/api/${writeId}`,
  body: {},
  person: 'Wren',
});
const about = { kind: 'reading' as const, bikeId: 'b', id: 'r' };
const problem: Problem = { type: 'urn', title: 'No such bike', status: 410, code: 'withdrawn', errors: [] };

function server() {
  const sent: string[] = [];
  const state = { away: false, refuses: new Set<string>() };
  return {
    sent,
    state,
    send: async ({ writeId }: WriteRequest) => {
      if (state.away) throw new UnreachableError('away');
      if (state.refuses.has(writeId)) throw new RefusedError(problem);
      sent.push(writeId);
      return { writeId };
    },
  };
}

describe('an entry over which the server breaks', () => {
  const breaking = (broken: ReadonlySet<string>) => {
    const sent: string[] = [];
    const tries: string[] = [];
    return {
      sent,
      tries,
      send: async ({ writeId }: WriteRequest) => {
        tries.push(writeId);
        if (broken.has(writeId)) throw new BrokenError('500');
        sent.push(writeId);
        return {};
      },
    };
  };
  const settled = async (outbox: Outbox, seen: (outbox: Outbox) => boolean) => {
    for (let turn = 0; turn < 500 && !seen(outbox); turn++) await new Promise((resolve) => setTimeout(resolve, 1));
  };

  it('steps aside after some tries, stays with its content, and lets the others go on', async () => {
    const { send, sent, tries } = breaking(new Set(['one']));
    const outbox = new Outbox({ openStore: async () => memoryStore(), send, waitMs: () => 1 });
    void outbox.submit(write('one'), about);
    void outbox.submit(write('two'), about);
    await settled(outbox, () => sent.includes('two'));
    expect(tries.filter((id) => id === 'one')).toHaveLength(mostFailures);
    expect(outbox.snapshot().writes).toMatchObject([{ writeId: 'one', body: {}, refused: { code: 'internal' } }]);
    // Put right it is a write of its own, and goes.
    await outbox.change(outbox.snapshot().writes[0]!.seq, { better: true });
    await settled(outbox, () => outbox.snapshot().writes.length === 0);
    expect(outbox.snapshot().writes).toEqual([]);
    outbox.close();
  });

  it('holds up what depends on it, and nothing else', async () => {
    const { send, sent } = breaking(new Set(['bike']));
    const outbox = new Outbox({ openStore: async () => memoryStore(), send, waitMs: () => 1 });
    void outbox.submit({ ...write('bike'), path: '/api/bikes/b' }, { kind: 'bike-in', bikeId: 'b' });
    void outbox.submit({ ...write('reading'), path: '/api/bikes/b/readings/r' }, about);
    void outbox.submit({ ...write('other'), path: '/api/bikes/c/readings/r' }, { ...about, bikeId: 'c' });
    await settled(outbox, () => sent.includes('other'));
    expect(sent).toEqual(['other']);
    expect(outbox.snapshot().writes.map(({ writeId }) => writeId)).toEqual(['bike', 'reading']);
    outbox.close();
  });

  it('is no reason to set anything aside while the server is only away', async () => {
    const { send, state } = server();
    state.away = true;
    const outbox = new Outbox({ openStore: async () => memoryStore(), send, waitMs: () => 0 });
    await outbox.submit(write('one'), about);
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect(outbox.snapshot().writes).toMatchObject([{ refused: null }]);
    outbox.close();
  });
});

describe('Outbox', () => {
  it('sends in order and tells what became of each', async () => {
    const { send, sent } = server();
    const outbox = new Outbox({ openStore: async () => memoryStore(), send });
    const outcomes = await Promise.all(['one', 'two', 'three'].map((id) => outbox.submit(write(id), about)));
    expect(sent).toEqual(['one', 'two', 'three']);
    expect(outcomes[0]).toEqual({ kind: 'stored', answer: { writeId: 'one' } });
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('tells of each that is stored as it leaves, and of all once, also when the server goes away in between', async () => {
    const { send, state } = server();
    const told: string[] = [];
    let stillThere: string[] = [];
    state.away = true;
    await new Promise<void>((resolve) => {
      const outbox = new Outbox({
        openStore: async () => memoryStore(),
        send: async (request) => {
          const answer = await send(request);
          state.away = request.writeId === 'two';
          return answer;
        },
        waitMs: () => 1_000_000,
        onStored: ({ writeId }) => {
          told.push(writeId);
          // It is in what is stored and leaves what waits in one go: nobody sees it in neither, or in both.
          void Promise.resolve().then(() => {
            const waiting = outbox.snapshot().writes.map((each) => each.writeId);
            stillThere = [...stillThere, ...waiting.filter((id) => told.includes(id))];
          });
        },
        onAllStored: () => {
          told.push('all');
          outbox.close();
          resolve();
        },
      });
      const made = ['one', 'two', 'three'].map((id) => outbox.submit(write(id), about));
      void Promise.all(made).then(() => {
        expect(told).toEqual([]);
        state.away = false;
        outbox.tryNow();
      });
    });
    expect(told).toEqual(['one', 'two', 'all']);
    expect(stillThere).toEqual([]);
  });

  it('shows a write before the browser has kept it, and sends it only afterwards', async () => {
    const { send, sent } = server();
    let keep = () => {};
    const slow = new Promise<void>((resolve) => (keep = resolve));
    const store = memoryStore();
    const outbox = new Outbox({
      openStore: async () => ({ ...store, add: async (each) => slow.then(() => store.add(each)) }),
      send,
    });
    const outcome = outbox.submit(write('one'), about);
    expect(outbox.snapshot().writes.map(({ writeId }) => writeId)).toEqual(['one']);
    await outbox.reload();
    outbox.tryNow();
    expect(outbox.snapshot().writes.map(({ writeId }) => writeId)).toEqual(['one']);
    expect(sent).toEqual([]);
    keep();
    expect(await outcome).toMatchObject({ kind: 'stored' });
    expect(sent).toEqual(['one']);
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('knows when closing the page would lose something', async () => {
    const { send, state } = server();
    const store = memoryStore();
    let keepIt = () => undefined as void;
    const slow: OutboxStore = {
      ...store,
      add: async (row) => {
        await new Promise<void>((resolve) => (keepIt = resolve));
        return store.add(row);
      },
    };
    state.away = true;
    const outbox = new Outbox({ openStore: async () => slow, send, waitMs: () => 1_000_000 });
    expect(outbox.wouldLose()).toBe(false);
    const outcome = outbox.submit(write('one'), about);
    await Promise.resolve();
    expect(outbox.wouldLose()).toBe(true);
    await new Promise((resolve) => setImmediate(resolve));
    keepIt();
    expect(await outcome).toEqual({ kind: 'waiting' });
    // Kept: the next page sends it.
    expect(outbox.wouldLose()).toBe(false);
    outbox.close();
    // A browser that keeps nothing holds it in this page alone.
    const fleeting = new Outbox({
      openStore: async () => ({ ...memoryStore(), durable: false }),
      send,
      waitMs: () => 1_000_000,
    });
    expect(await fleeting.submit(write('two'), about)).toEqual({ kind: 'waiting' });
    expect(fleeting.wouldLose()).toBe(true);
    state.away = false;
    fleeting.tryNow();
    while (fleeting.wouldLose()) await new Promise((resolve) => setImmediate(resolve));
    fleeting.close();
  });

  it('takes back what could not be kept at all, and says so', async () => {
    const { send } = server();
    const broken = { ...memoryStore(), add: () => Promise.reject(new Error('gone')) };
    const outbox = new Outbox({ openStore: async () => broken, send });
    await expect(outbox.submit(write('one'), about)).rejects.toThrow('gone');
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('keeps what the server could not take, and sends it when it is back', async () => {
    const { send, sent, state } = server();
    state.away = true;
    let retry = () => {};
    const back = new Promise<void>((resolve) => (retry = resolve));
    const outbox = new Outbox({
      openStore: async () => memoryStore(),
      send,
      waitMs: () => 1_000_000,
      onStored: () => retry(),
    });
    expect(await outbox.submit(write('one'), about)).toEqual({ kind: 'waiting' });
    expect(outbox.snapshot()).toMatchObject({ unreachable: true, writes: [{ writeId: 'one' }] });
    state.away = false;
    outbox.tryNow();
    await back;
    expect(sent).toEqual(['one']);
    outbox.close();
  });

  it('sends what an earlier page left behind', async () => {
    const store = memoryStore();
    const { send, sent, state } = server();
    state.away = true;
    const earlier = new Outbox({ openStore: async () => store, send, waitMs: () => 1_000_000 });
    await earlier.submit(write('left'), about);
    earlier.close();
    state.away = false;
    await new Promise<void>((resolve) => new Outbox({ openStore: async () => store, send, onStored: () => resolve() }));
    expect(sent).toEqual(['left']);
  });

  it('sets a refused write aside, with the reason, and goes on with the next', async () => {
    const { send, sent, state } = server();
    state.refuses.add('bad');
    const outbox = new Outbox({ openStore: async () => memoryStore(), send });
    const [bad, good] = await Promise.all([outbox.submit(write('bad'), about), outbox.submit(write('good'), about)]);
    expect(bad).toEqual({ kind: 'refused', problem });
    expect(good).toMatchObject({ kind: 'stored' });
    expect(sent).toEqual(['good']);
    expect(outbox.snapshot().writes).toMatchObject([{ writeId: 'bad', refused: problem }]);
    await outbox.discard(outbox.snapshot().writes[0]!.seq);
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('makes one write of a double tap', async () => {
    const { send, sent } = server();
    const outbox = new Outbox({ openStore: async () => memoryStore(), send });
    const [one, two] = await Promise.all([outbox.submit(write('tap'), about), outbox.submit(write('tap'), about)]);
    expect(one).toEqual(two);
    expect(sent).toEqual(['tap']);
  });

  it('hears how a write ended that another tab sent for it', async () => {
    const store = memoryStore();
    const stuck = () => new Promise<never>(() => {});
    const slow = new Outbox({ openStore: async () => store, send: stuck });
    const stored = slow.submit(write('one'), about);
    const { send, state } = server();
    const other = new Outbox({ openStore: async () => store, send });
    // The first tab hangs on its first write; what follows is sent by the other.
    await new Promise<void>((resolve) => other.subscribe(() => other.snapshot().writes.length === 0 && resolve()));
    const refused = slow.submit(write('two'), about);
    state.refuses.add('two');
    await new Promise<void>((resolve) => {
      other.subscribe(() => other.snapshot().writes.some((item) => item.refused) && resolve());
      void other.reload().then(other.tryNow);
    });
    await slow.reload();
    expect(await refused).toEqual({ kind: 'refused', problem });
    void stored;
  });
});
