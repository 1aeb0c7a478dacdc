import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Events stand in the order in which the server had them, not in that of the phones' clocks; what a file brought in is marked;
 * a choice can be taken back. What was there before keeps the order that it was read in.
 */
export class OrderOfReceipt1764150000000 implements MigrationInterface {
  name = 'OrderOfReceipt1764150000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE job_event ADD COLUMN received_at timestamptz(3)');
    await runner.query('UPDATE job_event SET received_at = at');
    await runner.query(`
      ALTER TABLE job_event
        ALTER COLUMN received_at SET NOT NULL,
        ALTER COLUMN received_at SET DEFAULT clock_timestamp(),
        ADD COLUMN imported boolean NOT NULL DEFAULT false
    `);
    await runner.query('ALTER TABLE accepted_stack ADD COLUMN imported boolean NOT NULL DEFAULT false');
    // Until now a file left no mark but the line in the journal.
    for (const table of ['job_event', 'accepted_stack']) {
      const at = table === 'job_event' ? 'at' : 'accepted_at';
      await runner.query(`
        UPDATE ${table} AS told SET imported = true FROM journal
        WHERE journal.action = 'job-read-in' AND journal.bike_id = told.bike_id AND told.${at} < journal.at
      `);
    }
    await runner.query('ALTER TABLE choice ADD COLUMN withdrawn_at timestamptz(3)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE choice DROP COLUMN withdrawn_at');
    await runner.query('ALTER TABLE accepted_stack DROP COLUMN imported');
    await runner.query('ALTER TABLE job_event DROP COLUMN imported, DROP COLUMN received_at');
  }
}
