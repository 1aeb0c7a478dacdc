import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Take-in, part details, orders and the workshop's own settings. */
export class WholeFit1764060000000 implements MigrationInterface {
  name = 'WholeFit1764060000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE bike ADD COLUMN facts jsonb NOT NULL DEFAULT '{}';
      ALTER TABLE bike ALTER COLUMN facts DROP DEFAULT;
      ALTER TABLE store_item ADD COLUMN details jsonb;
      CREATE TABLE order_line (
        id uuid NOT NULL, bike_id uuid NOT NULL, bike_end text NOT NULL, what text NOT NULL, count integer NOT NULL,
        reason text NOT NULL, cost_each double precision NOT NULL, lead_days integer NOT NULL, state text NOT NULL,
        changed_at timestamptz(3) NOT NULL, person text NOT NULL, version integer NOT NULL,
        CONSTRAINT order_line_pk PRIMARY KEY (id)
      );
      CREATE INDEX order_line_of_bike ON order_line (bike_id);
      ALTER TABLE order_line ADD CONSTRAINT order_line_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
      CREATE TABLE shop_settings (
        id uuid NOT NULL, settings jsonb NOT NULL, version integer NOT NULL,
        CONSTRAINT shop_settings_pk PRIMARY KEY (id)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE shop_settings, order_line;
      ALTER TABLE store_item DROP COLUMN details;
      ALTER TABLE bike DROP COLUMN facts;
    `);
  }
}
