import { read, RefusedError, send, UnreachableError } from './api';

const answer = (status: number, body: unknown) => ({ ok: status < 300, status, json: async () => body }) as Response;
const write = {
  writeId: 'w',
  method: 'PUT' as const,
  path: '/api/x',
  body: { a: 1 },
  person: 'Wren',
  personId: 'id-of-wren',
};

describe('talking to the server', () => {
  const fetched = jest.fn<Promise<Response>, [string, RequestInit]>();
  beforeEach(() => {
    fetched.mockReset();
    globalThis.fetch = fetched as never;
  });

  it('names every write and the person behind it', async () => {
    fetched.mockResolvedValue(answer(201, { stored: true }));
    expect(await send(write)).toEqual({ stored: true });
    const [path, init] = fetched.mock.calls[0]!;
    expect(path).toBe('/api/x');
    expect(init).toMatchObject({
      method: 'PUT',
      body: '{"a":1}',
      headers: { 'x-write-id': 'w', 'x-person': 'id-of-wren' },
    });
  });

  it('says how long an entry has waited, by the phone’s own clock alone', async () => {
    fetched.mockResolvedValue(answer(201, { stored: true }));
    const told = async (madeMs?: number) => {
      await send({ ...write, ...(madeMs !== undefined && { madeMs }) });
      return (fetched.mock.calls.at(-1)![1].headers as Record<string, string>)['x-queued-ms'];
    };
    expect(await told()).toBeUndefined();
    expect(Number(await told(Date.now() - 90_000))).toBeCloseTo(90_000, -3);
    // A clock that was set back meanwhile: nothing has waited for less than no time.
    expect(await told(Date.now() + 90_000)).toBe('0');
  });

  it('tells "no" from "not now"', async () => {
    fetched.mockResolvedValue(answer(422, { title: 'Some fields do not hold.', code: 'invalid-input' }));
    await expect(send(write)).rejects.toMatchObject({ problem: { code: 'invalid-input' } });
    fetched.mockResolvedValue(answer(503, {}));
    await expect(send(write)).rejects.toBeInstanceOf(UnreachableError);
    fetched.mockRejectedValue(new TypeError('Failed to fetch'));
    await expect(read('/api/x')).rejects.toBeInstanceOf(UnreachableError);
  });

  it('has words for a refusal that is no problem document', async () => {
    const odd = { ok: false, status: 404, json: () => Promise.reject(new SyntaxError('html')) };
    fetched.mockResolvedValue(odd as never);
    const error = await read('/api/x').catch((thrown: unknown) => thrown);
    expect(error).toBeInstanceOf(RefusedError);
    expect((error as RefusedError).problem).toMatchObject({ status: 404, errors: [] });
  });
});
