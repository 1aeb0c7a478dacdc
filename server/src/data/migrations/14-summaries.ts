import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What the list shows of each bike, kept until something that it was worked out from changes. */
export class Summaries1764210000000 implements MigrationInterface {
  name = 'Summaries1764210000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE bike_summary (
        bike_id uuid NOT NULL, stamp text NOT NULL, summary jsonb NOT NULL,
        CONSTRAINT bike_summary_pk PRIMARY KEY (bike_id),
        CONSTRAINT of_bike FOREIGN KEY (bike_id) REFERENCES bike (id) ON DELETE CASCADE
      )
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE bike_summary');
  }
}
