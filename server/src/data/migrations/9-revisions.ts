import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A new mark for every change of a bike, the catalogue, the stores, the settings: what has not changed is not sent again. */
export class Revisions1764160000000 implements MigrationInterface {
  name = 'Revisions1764160000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE revision (
        subject text CONSTRAINT revision_pkey PRIMARY KEY,
        revision uuid NOT NULL
      )
    `);
    await runner.query(`
      INSERT INTO revision (subject, revision)
      SELECT 'bike:' || id, gen_random_uuid() FROM bike
      UNION ALL SELECT unnest(ARRAY['wheels', 'stores', 'settings', 'people']), gen_random_uuid()
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE revision');
  }
}
