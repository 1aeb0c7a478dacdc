import { randomUUID } from 'node:crypto';

import { roles } from '@cricket/contract/shapes';

import { accessRules } from '../src/http/access';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
let apart: FreshServer;
const cookies: Record<string, string> = {};

beforeAll(async () => {
  [server, apart] = [await freshServer(), await freshServer()];
  for (const role of roles) cookies[role] = await server.signedIn(role);
});
afterAll(async () => {
  await server.close();
  await apart.close();
});

/** A path with every named part filled in. */
const filled = (path: string) => path.replace(/:\w+/g, () => randomUUID());

const bodyFor = (method: string) => (method === 'GET' ? undefined : {});

/** Refused because of who asks, and not for what was sent. */
const doorClosed = (status: number, code: unknown) => status === 401 || (status === 403 && code === 'not-allowed');

describe('routes and roles', () => {
  it('name every route that there is, and no other', () => {
    const there = server.app.routes
      .filter(({ method, path }) => method !== 'ALL' && path.startsWith('/api/'))
      .map(({ method, path }) => `${method} ${path.replace(/\/$/, '')}`);
    const named = accessRules.map(({ method, path }) => `${method} ${path}`);
    expect([...new Set(there)].sort()).toEqual([...named].sort());
  });

  it.each(accessRules.filter(({ who }) => who !== 'anyone'))('$method $path is shut to a stranger', async (rule) => {
    const { status, json } = await server.send(rule.method, filled(rule.path), bodyFor(rule.method), {
      cookie: '',
    });
    expect({ status, code: json.code }).toEqual({ status: 401, code: 'not-signed-in' });
  });

  it.each(accessRules.flatMap((rule) => roles.map((role) => ({ ...rule, role }))))(
    '$method $path for $role',
    async ({ method, path, who, role }) => {
      // What may end a session is asked of a server of its own, by somebody who has just signed in.
      const ends = method === 'DELETE' || path.startsWith('/api/session/');
      const asked = ends ? apart : server;
      const cookie = ends ? await apart.signedIn(role) : cookies[role]!;
      const { status, json } = await asked.send(method, filled(path), bodyFor(method), { cookie });
      expect(doorClosed(status, json?.code)).toBe(who !== 'anyone' && !who.includes(role));
    },
  );

  it('tell a stranger nothing of paths that do not exist, and everybody else that they do not', async () => {
    expect((await server.send('GET', '/api/nothing', undefined, { cookie: '' })).status).toBe(401);
    expect((await server.send('GET', '/api/nothing')).status).toBe(404);
  });
});
