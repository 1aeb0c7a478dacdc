import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Everybody is spoken to in their own language; until somebody chooses, in English, as before. */
export class OwnLanguage1764190000000 implements MigrationInterface {
  name = 'OwnLanguage1764190000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE person ADD COLUMN language text NOT NULL DEFAULT 'en'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE person DROP COLUMN language');
  }
}
