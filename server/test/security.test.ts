import { randomUUID } from 'node:crypto';
import { Writable } from 'node:stream';

import { pino } from 'pino';
import { QueryFailedError } from 'typeorm';

import { createApp } from '../src/app';
import { readConfig } from '../src/config';
import { errorForLog } from '../src/problem/error-for-log';
import { freshServer, type FreshServer } from './fresh-server.testing';

let server: FreshServer;
beforeAll(async () => {
  server = await freshServer({ demo: true });
});
afterAll(() => server.close());

/** A server whose log is kept. */
function logged() {
  const lines: string[] = [];
  const sink = new Writable({
    write(chunk, _, done) {
      lines.push(String(chunk));
      done();
    },
  });
  const app = createApp(readConfig({ DEMO: '1' }), server.dataSource, pino({ level: 'trace' }, sink));
  return { app, log: () => lines.join('') };
}

describe('what the log holds', () => {
  it('is no password, PIN, cookie, photo or reading', async () => {
    const { app, log } = logged();
    const send = (method: string, path: string, body: object, cookie = '') =>
      app.request(path, {
        method,
        headers: { 'content-type': 'application/json', 'x-write-id': randomUUID(), cookie },
        body: JSON.stringify(body),
      });
    const password = 'a-password-nobody-else-has';
    await send('POST', '/api/session', { name: 'Nobody', password });
    const cookie = await server.signedIn('owner');
    await send('POST', '/api/session/pin', { personId: randomUUID(), pin: '73915' }, cookie);
    await send(
      'PUT',
      `/api/people/${randomUUID()}`,
      { name: 'X', role: 'installer', active: true, pin: '48151623', password, version: 0 },
      cookie,
    );
    const bike = '00000003-0000-4000-8000-000000000003';
    await send(
      'PUT',
      `/api/bikes/${bike}/photos/${randomUUID()}`,
      { place: 'bike', about: 'x', picture: 'cGljdHVyZQ==', takenAt: '2026-03-02T09:00:00Z' },
      cookie,
    );
    const lines = log();
    expect(lines).toContain('/api/session');
    // Not even where a statement fails over what was sent.
    const failed = new QueryFailedError(
      'INSERT INTO reading VALUES ($1)',
      ['9.58 and a note'],
      new Error('bad: 9.58 and a note'),
    );
    expect(JSON.stringify(errorForLog(failed))).not.toContain('9.58');
    expect(JSON.stringify(errorForLog(failed))).toContain('QueryFailedError');
    for (const secret of [password, '73915', '48151623', cookie.split('=')[1]!, 'cGljdHVyZQ']) {
      expect(lines).not.toContain(secret);
    }
  });
});

describe('answers', () => {
  const cookieOf = () => server.signedIn('installer');

  it('with figures of the shop are kept by nobody on the way, and guess no types', async () => {
    const response = await server.app.request('/api/bikes', { headers: { cookie: await cookieOf() } });
    expect(response.headers.get('x-content-type-options')).toBe('nosniff');
    expect(response.headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(response.headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
    expect(response.headers.get('referrer-policy')).toBe('no-referrer');
  });

  it('come with a cookie that scripts do not see and other pages do not send', async () => {
    const answer = await server.app.request('/api/session/demo', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ role: 'installer' }),
    });
    const cookie = answer.headers.getSetCookie()[0]!;
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    const secure = createApp(
      readConfig({ DEMO: '1', SECURE_COOKIES: '1' }),
      server.dataSource,
      pino({ level: 'silent' }),
    );
    const encrypted = await secure.request('/api/session/demo', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ role: 'installer' }),
    });
    expect(encrypted.headers.getSetCookie()[0]!).toMatch(/Secure/);
  });

  it('refuse a write from another page, with and without a session', async () => {
    for (const origin of ['http://elsewhere.example', 'null', 'http://localhost:1']) {
      const answer = await server.send('PUT', `/api/bikes/${randomUUID()}`, {}, { origin });
      expect([origin, answer.status, answer.json.code]).toEqual([origin, 403, 'origin-refused']);
    }
  });

  it('never serve a photo as anything but a picture', async () => {
    const bike = '00000003-0000-4000-8000-000000000003';
    const sent = await server.send('PUT', `/api/bikes/${bike}/photos/${randomUUID()}`, {
      place: 'bike',
      about: 'x',
      picture: Buffer.from('<html><script>alert(1)</script>').toString('base64'),
      takenAt: '2026-03-02T09:00:00Z',
    });
    expect(sent.status).toBe(422);
    expect(sent.json.code).toBe('unreadable-picture');
  });
});
