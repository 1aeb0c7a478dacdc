import type { Problem } from '@cricket/contract/problem';
import { personHeader, queuedHeader, writeIdHeader } from '@cricket/contract/routes';

import { hearServerClock } from './clock';
import { noteOwnWrite } from './own-writes';
import { phrase, spokenNow } from '../ui/say';

/** The server said no, and why. */
export class RefusedError extends Error {
  override readonly name = 'RefusedError';

  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

/** The server cannot be reached, or cannot work just now: the same request may succeed later. */
export class UnreachableError extends Error {
  override readonly name: string = 'UnreachableError';
}

/** The server was reached and broke over this request: it may be the request's own fault. */
export class BrokenError extends UnreachableError {
  override readonly name = 'BrokenError';
}

/** Nobody is signed in at this phone any more: the same request may succeed once somebody is. */
export class SignedOutError extends UnreachableError {
  override readonly name = 'SignedOutError';
}

/** One write on its way to the server. */
export interface WriteRequest {
  writeId: string;
  method: 'PUT' | 'PATCH';
  path: string;
  body: object;
  /** Name of who made it, for the screen. */
  person: string;
  /** Who made it: it may be sent after somebody else took over the phone. */
  personId?: string;
  /** When it was made, by this phone's clock as it is: only for how long ago that was. */
  madeMs?: number;
}

/** Reads a resource. */
export async function read<T>(path: string, signal?: AbortSignal): Promise<T> {
  return (await request(path, { signal })) as T;
}

/** Sends a write. The same write id may be sent any number of times. */
export async function send({ writeId, method, path, body, personId, madeMs }: WriteRequest): Promise<unknown> {
  noteOwnWrite(writeId);
  return request(path, {
    method,
    body: JSON.stringify(body),
    headers: {
      ...inOwnWords(),
      'content-type': 'application/json',
      [writeIdHeader]: writeId,
      ...(madeMs !== undefined && { [queuedHeader]: String(Math.max(0, Math.round(Date.now() - madeMs))) }),
      ...(personId && { [personHeader]: personId }),
    },
  });
}

async function request(path: string, init: RequestInit): Promise<unknown> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch (error) {
    if (init.signal?.aborted) throw error;
    throw new UnreachableError(phrase('data.api.request-server-cannot-be'));
  }
  hearServerClock(response.headers?.get('date') ?? null);
  if (response.ok) return response.json();
  if (response.status === 500) throw new BrokenError(phrase('data.api.request-server-answers-500'));
  if (response.status >= 500)
    throw new UnreachableError(phrase('data.api.request-server-answers', { status: response.status }));
  const problem = await problemOf(response);
  if (problem.code === 'not-signed-in') {
    for (const listener of signedOut) listener();
    throw new SignedOutError(problem.title);
  }
  throw new RefusedError(problem);
}

const signedOut = new Set<() => void>();

/** Calls back whenever the server says that nobody is signed in here. */
export function onSignedOut(listener: () => void): () => void {
  signedOut.add(listener);
  return () => signedOut.delete(listener);
}

/** Asks the server for something that is neither read again nor queued, such as signing in. */
export async function ask<T>(method: 'POST' | 'PUT' | 'DELETE', path: string, body?: object): Promise<T> {
  return (await request(path, {
    method,
    headers: { ...inOwnWords(), 'content-type': 'application/json', [writeIdHeader]: crypto.randomUUID() },
    ...(body && { body: JSON.stringify(body) }),
  })) as T;
}

/** What stands against a write is told in the language of the page. */
function inOwnWords(): Record<string, string> {
  const language = spokenNow();
  return language ? { 'accept-language': language } : {};
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem;
  } catch {
    return {
      type: 'about:blank',
      title: phrase('data.api.problemOf.title-server-answers', { status: response.status }),
      status: response.status,
      code: 'internal',
      errors: [],
    };
  }
}
