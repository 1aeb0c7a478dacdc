import { randomUUID } from 'node:crypto';

import pg from 'pg';

import { killDrill } from '../server/test/kill-drill.testing';

/** A hundred servers killed in the middle of writes: what was acknowledged must be there, once. */
const admin = process.env['TEST_DATABASE_URL'];
if (!admin) throw new Error('TEST_DATABASE_URL is not set; run this by npm run bench');
const kills = Number(process.env['KILLS'] ?? 100);
const database = `kills_${randomUUID().replaceAll('-', '')}`;

const query = async (sql: string) => {
  const client = new pg.Client({ connectionString: admin });
  await client.connect();
  try {
    await client.query(sql);
  } finally {
    await client.end();
  }
};

await query(`CREATE DATABASE ${database}`);
try {
  const url = admin.replace(/[^/]*$/, database);
  const result = await killDrill(url, kills);
  process.stdout.write(`${JSON.stringify(result)}\n`);
  if (result.lost > 0 || result.doubled > 0) process.exitCode = 1;
} finally {
  await query(`DROP DATABASE ${database} WITH (FORCE)`);
}
