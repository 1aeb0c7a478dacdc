import type { Problem } from '@cricket/contract/problem';
import { personHeader, writeIdHeader } from '@cricket/contract/routes';

/** The server said no, and why. */
export class RefusedError extends Error {
  override readonly name = 'RefusedError';

  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

/** The server cannot be reached, or cannot work just now: the same request may succeed later. */
export class UnreachableError extends Error {
  override readonly name = 'UnreachableError';
}

/** One write on its way to the server. */
export interface WriteRequest {
  writeId: string;
  method: 'PUT' | 'PATCH';
  path: string;
  body: object;
  person: string;
}

/** Reads a resource. */
export async function read<T>(path: string, signal?: AbortSignal): Promise<T> {
  return (await request(path, { signal })) as T;
}

/** Sends a write. The same write id may be sent any number of times. */
export async function send({ writeId, method, path, body, person }: WriteRequest): Promise<unknown> {
  return request(path, {
    method,
    body: JSON.stringify(body),
    headers: {
      'content-type': 'application/json',
      [writeIdHeader]: writeId,
      [personHeader]: encodeURIComponent(person),
    },
  });
}

async function request(path: string, init: RequestInit): Promise<unknown> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch (error) {
    if (init.signal?.aborted) throw error;
    throw new UnreachableError('The server cannot be reached.');
  }
  if (response.ok) return response.json();
  if (response.status >= 500) throw new UnreachableError(`The server answers ${response.status}.`);
  throw new RefusedError(await problemOf(response));
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem;
  } catch {
    return {
      type: 'about:blank',
      title: `The server answers ${response.status}.`,
      status: response.status,
      code: 'internal',
      errors: [],
    };
  }
}
