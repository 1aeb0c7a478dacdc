import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Why something was ordered, as what is to be said: whoever reads it later may speak another language. */
export class OrderBecause1764220000000 implements MigrationInterface {
  name = 'OrderBecause1764220000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE order_line ADD COLUMN because jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE order_line DROP COLUMN because');
  }
}
