import { forgetProofs, provedHere, provesAgain, rememberProof } from './proved-here';

/** What the digest was made with: each is as dear as it is meant to be at a phone, and a test makes two dozen. */
const mockCosts: number[] = [];
jest.mock('@noble/hashes/scrypt', () => {
  const { scryptAsync } = jest.requireActual<typeof import('@noble/hashes/scrypt')>('@noble/hashes/scrypt');
  return {
    scryptAsync: (...[pin, salt, cost]: Parameters<typeof scryptAsync>) => {
      mockCosts.push(cost.N * cost.r * cost.p);
      return scryptAsync(pin, salt, { ...cost, N: 16 });
    },
  };
});

const wren = { id: 'w', name: 'Wren', role: 'installer' as const };
const hesper = { id: 'h', name: 'Hesper', role: 'owner' as const };
const kept = new Map<string, string>();

beforeAll(() => {
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    },
  });
});
beforeEach(() => kept.clear());
afterEach(() => jest.restoreAllMocks());

describe('who has proved to be themselves at this phone', () => {
  it('is believed with the same PIN, and with no other', async () => {
    expect(await provesAgain('w', '4610')).toBeNull();
    await rememberProof(wren, '4610');
    await rememberProof(hesper, '7777');
    expect(provedHere().map(({ name }) => name)).toEqual(['Wren', 'Hesper']);
    expect(await provesAgain('w', '4610')).toEqual(wren);
    expect(await provesAgain('w', '7777')).toBeNull();
    // Each guess takes some tenths of a second.
    expect(Math.min(...mockCosts)).toBeGreaterThanOrEqual(2 ** 18);
    // The PIN itself is nowhere in what is kept.
    expect([...kept.values()].join()).not.toMatch(/4610|7777/);
  });

  it('is not guessed at for long', async () => {
    await rememberProof(wren, '4610');
    for (let slip = 0; slip < 4; slip++) expect(await provesAgain('w', '0000')).toBeNull();
    expect(await provesAgain('w', '4610')).toEqual(wren);
    for (let slip = 0; slip < 5; slip++) expect(await provesAgain('w', '0000')).toBeNull();
    expect(await provesAgain('w', '4610')).toBeNull();
  });

  it('is believed for some hours only, and not once the phone is signed out', async () => {
    await rememberProof(wren, '4610');
    const later = Date.now() + 12 * 3_600_000;
    const clock = jest.spyOn(Date, 'now').mockReturnValue(later - 60_000);
    expect(await provesAgain('w', '4610')).toEqual(wren);
    clock.mockReturnValue(later + 1000);
    expect(await provesAgain('w', '4610')).toBeNull();
    clock.mockRestore();
    await rememberProof(wren, '4610');
    forgetProofs();
    expect(await provesAgain('w', '4610')).toBeNull();
  });
});
