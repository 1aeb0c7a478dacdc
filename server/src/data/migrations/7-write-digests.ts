import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A write that is sent again is known by its body, too: another body under the same id is another write. */
export class WriteDigests1764110000000 implements MigrationInterface {
  name = 'WriteDigests1764110000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE journal ADD COLUMN body_digest text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE journal DROP COLUMN body_digest');
  }
}
