import { randomUUID } from 'node:crypto';

import { createDataSource } from '../src/data/data-source';
import { fillDemo } from '../src/demo/fill-demo';
import { withAdmin } from './with-admin.testing';

/** Where the templates are, and how their names begin. */
const place = 'TEST_TEMPLATES';

/** Migrates one database, and fills another with the demo, once for the whole run: what tests work on are copies of them. */
export default async function makeTemplates(): Promise<void> {
  const url = process.env['TEST_DATABASE_URL'];
  // Tests that need no database run without one.
  if (!url) return;
  const prefix = `templates_${randomUUID().replaceAll('-', '')}`;
  for (const demo of [false, true]) {
    const name = templateName(prefix, demo);
    await withAdmin(url, (client) => client.query(`CREATE DATABASE ${name}`));
    const dataSource = createDataSource(url.replace(/[^/]*$/, name));
    await dataSource.initialize();
    try {
      await dataSource.runMigrations();
      if (demo) await fillDemo(dataSource, { renew: false });
    } finally {
      await dataSource.destroy();
    }
  }
  process.env[place] = `${url} ${prefix}`;
}

/** Takes them away again. */
export async function dropTemplates(): Promise<void> {
  const [url, prefix] = process.env[place]?.split(' ') ?? [];
  if (!url || !prefix) return;
  await withAdmin(url, async (client) => {
    for (const demo of [false, true]) await client.query(`DROP DATABASE ${templateName(prefix, demo)}`);
  });
}

/** The database to copy; null where there is none: a test may have started a PostgreSQL of its own. */
export function templateAt(adminUrl: string, demo: boolean): string | null {
  const [url, prefix] = process.env[place]?.split(' ') ?? [];
  return prefix && url === adminUrl ? templateName(prefix, demo) : null;
}

const templateName = (prefix: string, demo: boolean) => `${prefix}_${demo ? 'demo' : 'bare'}`;
