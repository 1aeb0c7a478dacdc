import { overDatabase, type PendingWrite, type WriteTable } from './outbox-store';

const write = (writeId: string) =>
  ({
    writeId,
    method: 'PUT',
    path: '/',
    body: {},
    person: 'Wren',
    about: { kind: 'wheel', id: writeId },
    madeAt: '',
    refused: null,
  }) as Omit<PendingWrite, 'seq'>;

/** A table that has room for so many writes. */
function tableOf(room: number): WriteTable {
  const rows = new Map<number, PendingWrite>();
  let next = 1;
  return {
    getAll: async () => [...rows.values()],
    add: async (_, row) => {
      if (rows.size >= room) throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
      rows.set(next, { ...row, seq: next });
      return next++;
    },
    put: async (_, row) => rows.set(row.seq, row),
    delete: async (_, seq) => void rows.delete(seq),
  };
}

describe('the outbox on a full disk', () => {
  it('keeps every write, in order, and says that it is no longer safe to close the page', async () => {
    const store = overDatabase(tableOf(2));
    expect(store.durable).toBe(true);
    for (const id of ['a', 'b', 'c', 'd']) await store.add(write(id));
    expect((await store.all()).map(({ writeId }) => writeId)).toEqual(['a', 'b', 'c', 'd']);
    expect(store.durable).toBe(false);
  });

  it('does not let a later write overtake one that is held in memory', async () => {
    const store = overDatabase(tableOf(1));
    const first = await store.add(write('a'));
    await store.add(write('b'));
    await store.remove(first);
    await store.add(write('c'));
    expect((await store.all()).map(({ writeId }) => writeId)).toEqual(['b', 'c']);
  });

  it('is safe again once everything was sent', async () => {
    const store = overDatabase(tableOf(1));
    for (const id of ['a', 'b']) await store.add(write(id));
    for (const { seq } of await store.all()) await store.remove(seq);
    expect(store.durable).toBe(true);
    await store.add(write('c'));
    expect((await store.all()).map(({ seq }) => seq < 1_000_000_000)).toEqual([true]);
  });

  it('changes what is held in memory like the rest, and hides no other failure', async () => {
    const store = overDatabase(tableOf(0));
    const seq = await store.add(write('a'));
    await store.put({ ...write('a'), seq, person: 'Tolly' });
    expect((await store.all())[0]!.person).toBe('Tolly');
    const broken = overDatabase({ ...tableOf(1), add: () => Promise.reject(new Error('gone')) });
    await expect(broken.add(write('a'))).rejects.toThrow('gone');
  });
});
