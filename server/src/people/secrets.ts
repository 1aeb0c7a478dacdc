import { hash, verify } from '@node-rs/argon2';

/** A hash that no secret fits: an unknown name takes as long to refuse as a wrong password. */
let decoy: Promise<string> | undefined;

/** Hashes a password or PIN for keeping. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret);
}

/** Whether a secret fits what is kept; nothing kept fits nothing, and takes as long. */
export async function fitsSecret(kept: string | null | undefined, secret: string): Promise<boolean> {
  decoy ??= hash(crypto.randomUUID());
  const fits = await verify(kept ?? (await decoy), secret);
  return fits && !!kept;
}
