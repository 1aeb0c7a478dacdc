import type { Person } from '@cricket/contract/shapes';
import { scryptAsync } from '@noble/hashes/scrypt';
import { bytesToHex, hexToBytes, randomBytes } from '@noble/hashes/utils';

/** For so long the server takes what somebody enters at a phone where they have proved to be themselves. */
const holdsMs = 12 * 3_600_000;

/** Wrong PINs that are borne without the server; then only the server decides. */
const mostSlips = 5;

/** What makes guessing slow: some tenths of a second at a phone. */
const cost = { N: 2 ** 15, r: 8, p: 1, dkLen: 32 };

const storageKey = 'cricket-proved-here';

type Proved = Pick<Person, 'id' | 'name' | 'role'>;

interface Proof {
  person: Proved;
  saltHex: string;
  hashHex: string;
  at: number;
  slips: number;
}

/** Keeps that this person has just proved to be themselves here: for a hand-over while the server is away. */
export async function rememberProof({ id, name, role }: Proved, pin: string): Promise<void> {
  const salt = randomBytes(16);
  const hash = await scryptAsync(pin, salt, cost);
  const proof: Proof = {
    person: { id, name, role },
    saltHex: bytesToHex(salt),
    hashHex: bytesToHex(hash),
    at: Date.now(),
    slips: 0,
  };
  write({ ...valid(), [id]: proof });
}

/** Who may take the phone while the server is away. */
export function provedHere(): Proved[] {
  return Object.values(valid()).map(({ person }) => person);
}

/** Whether this is the PIN with which the person has proved to be themselves here; after some slips nobody is believed. */
export async function provesAgain(personId: string, pin: string): Promise<Proved | null> {
  const proof = valid()[personId];
  if (!proof) return null;
  const hash = await scryptAsync(pin, hexToBytes(proof.saltHex), cost);
  if (bytesToHex(hash) === proof.hashHex) {
    write({ ...valid(), [personId]: { ...proof, slips: 0 } });
    return proof.person;
  }
  const { [personId]: _, ...others } = valid();
  const slips = proof.slips + 1;
  write(slips < mostSlips ? { ...others, [personId]: { ...proof, slips } } : others);
  return null;
}

/** Forgets everybody: this phone was signed out. */
export function forgetProofs(): void {
  write({});
}

function valid(): Record<string, Proof> {
  const now = Date.now();
  try {
    const kept = JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Record<string, Proof>;
    return Object.fromEntries(Object.entries(kept).filter(([, { at }]) => at <= now && now - at < holdsMs));
  } catch {
    return {};
  }
}

function write(proofs: Record<string, Proof>): void {
  try {
    localStorage.setItem(storageKey, JSON.stringify(proofs));
  } catch {
    // A browser that keeps nothing: nobody takes over without the server.
  }
}
