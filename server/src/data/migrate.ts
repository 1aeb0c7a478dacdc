import type { DataSource } from 'typeorm';

const migrationLock = 4623;

/** Brings the database up to date; of several servers that start at once one does, the others wait and find it done. */
export async function migrate(dataSource: DataSource): Promise<void> {
  const runner = dataSource.createQueryRunner();
  await runner.connect();
  try {
    await runner.query('SELECT pg_advisory_lock($1)', [migrationLock]);
    await dataSource.runMigrations();
  } finally {
    await runner.query('SELECT pg_advisory_unlock($1)', [migrationLock]);
    await runner.release();
  }
}
