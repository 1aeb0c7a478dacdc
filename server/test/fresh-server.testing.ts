import { randomUUID } from 'node:crypto';

import type { Role } from '@cricket/contract/shapes';
import type { Hono } from 'hono';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';

import { createApp } from '../src/app';
import { readConfig } from '../src/config';
import { createDataSource } from '../src/data/data-source';
import { PersonEntity } from '../src/data/entities/person';
import { fillDemo } from '../src/demo/fill-demo';
import { sessionCookie } from '../src/http/guard';
import { Sessions } from '../src/people/sessions';
import { templateAt } from './templates.testing';
import { withAdmin } from './with-admin.testing';

/** A server without a port, over a database of its own. */
export interface FreshServer {
  app: Hono;
  dataSource: DataSource;
  databaseUrl: string;
  /** Sends JSON as the shop's owner, or as whoever the cookie says; every write gets an id unless one is given. */
  send: (method: string, path: string, body?: unknown, headers?: Record<string, string>) => Promise<Answer>;
  /** The cookie of a new session of somebody with this role. */
  signedIn: (role: Role) => Promise<string>;
  close: () => Promise<void>;
}

export interface Answer {
  status: number;
  headers: Headers;
  // Tests look into answers of every shape.
  // oxlint-disable-next-line typescript/no-explicit-any
  json: any;
}

/** Creates a database, with or without the demo, and puts the app on it. */
export async function freshServer({ demo = false } = {}): Promise<FreshServer> {
  const adminUrl = adminDatabaseUrl();
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const template = templateAt(adminUrl, demo);
  await withAdmin(adminUrl, (client) =>
    client.query(`CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`),
  );
  const databaseUrl = adminUrl.replace(/[^/]*$/, name);
  const dataSource = createDataSource(databaseUrl);
  await dataSource.initialize();
  await dataSource.runMigrations();
  if (demo && !template) await fillDemo(dataSource, { renew: false });
  const app = createApp(readConfig({ DEMO: demo ? '1' : '0' }), dataSource, pino({ level: 'silent' }));
  const sessions = new Sessions(dataSource);
  const signedIn = async (role: Role) => {
    const id = randomUUID();
    const name = role === 'owner' ? 'Hand' : `Hand ${role} ${id}`;
    const known = await dataSource.manager.findOneBy(PersonEntity, { nameKey: name.toLowerCase() });
    const secrets = { passwordHash: null, pinHash: null };
    const person = { id, name, nameKey: name.toLowerCase(), role, active: true, ...secrets, version: 1 };
    if (!known) await dataSource.manager.insert(PersonEntity, person);
    return `${sessionCookie({ demo })}=${await sessions.start(known?.id ?? id, null)}`;
  };
  const owner = await signedIn('owner');
  const send: FreshServer['send'] = async (method, path, body, headers = {}) => {
    const response = await app.request(path, {
      method,
      headers: { 'content-type': 'application/json', 'x-write-id': randomUUID(), cookie: owner, ...headers },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const text = await response.text();
    const isJson = /json/.test(response.headers.get('content-type') ?? '');
    return { status: response.status, headers: response.headers, json: text && isJson ? JSON.parse(text) : null };
  };
  return {
    app,
    dataSource,
    databaseUrl,
    send,
    signedIn,
    close: async () => {
      if (dataSource.isInitialized) await dataSource.destroy();
      await withAdmin(adminUrl, async (client) => {
        try {
          await client.query(`DROP DATABASE ${name} WITH (FORCE)`);
        } catch (error) {
          // PostgreSQL's own housekeeping is nobody's to end; a plain drop asks it to go, and waits for it.
          if ((error as { code?: string }).code !== '42501') throw error;
          await client.query(`DROP DATABASE ${name}`);
        }
      });
    },
  };
}

/** Read when it is needed: a test may start a PostgreSQL of its own first. */
function adminDatabaseUrl(): string {
  const url = process.env['TEST_DATABASE_URL'];
  if (!url) throw new Error('TEST_DATABASE_URL is not set; run the tests by npm test');
  return url;
}
