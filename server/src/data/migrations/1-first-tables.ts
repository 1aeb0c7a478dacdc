import type { MigrationInterface, QueryRunner } from 'typeorm';

export class FirstTables1764000000000 implements MigrationInterface {
  name = 'FirstTables1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE bike (
        id uuid NOT NULL, tag text NOT NULL, name text NOT NULL, kind text NOT NULL, rider_initials text,
        bead_seat_mm double precision, wheelbase_mm double precision, chain_stay_mm double precision,
        created_at timestamptz(3) NOT NULL, withdrawn_at timestamptz(3), version integer NOT NULL,
        CONSTRAINT bike_pk PRIMARY KEY (id)
      );
      CREATE INDEX bike_in_shop ON bike (created_at) WHERE withdrawn_at IS NULL;
      CREATE TABLE reading (
        id uuid NOT NULL, bike_id uuid NOT NULL, bike_end text NOT NULL, feature text NOT NULL,
        value_mm double precision, word text, parts jsonb, typed text, unit text, instrument text NOT NULL,
        taken_at timestamptz(3) NOT NULL, person text NOT NULL, withdrawn_at timestamptz(3), withdrawn_because text,
        CONSTRAINT reading_pk PRIMARY KEY (id)
      );
      CREATE INDEX reading_of_bike ON reading (bike_id);
      CREATE TABLE choice (
        id uuid NOT NULL, bike_id uuid NOT NULL, bike_end text NOT NULL, kind text NOT NULL, wheel_id uuid,
        chosen_at timestamptz(3) NOT NULL, person text NOT NULL,
        CONSTRAINT choice_pk PRIMARY KEY (id)
      );
      CREATE INDEX choice_of_bike ON choice (bike_id);
      CREATE TABLE accepted_stack (
        id uuid NOT NULL, bike_id uuid NOT NULL, bike_end text NOT NULL, wheel_id uuid NOT NULL,
        accepted_at timestamptz(3) NOT NULL, person text NOT NULL, by_hand boolean NOT NULL,
        core_version text NOT NULL, snapshot jsonb NOT NULL,
        CONSTRAINT accepted_stack_pk PRIMARY KEY (id)
      );
      CREATE INDEX accepted_stack_of_bike ON accepted_stack (bike_id);
      CREATE TABLE wheel (
        id uuid NOT NULL, code text NOT NULL, spec jsonb NOT NULL, note text NOT NULL, version integer NOT NULL,
        CONSTRAINT wheel_pk PRIMARY KEY (id)
      );
      CREATE TABLE store_item (
        id uuid NOT NULL, kind text NOT NULL, bore_mm double precision, outer_mm double precision,
        thickness_mm double precision NOT NULL, tab_width_mm double precision, tab_depth_mm double precision,
        count integer NOT NULL, version integer NOT NULL, withdrawn_at timestamptz(3),
        CONSTRAINT store_item_pk PRIMARY KEY (id)
      );
      CREATE TABLE journal (
        id uuid NOT NULL, at timestamptz(3) NOT NULL DEFAULT now(), person text NOT NULL, bike_id uuid,
        action text NOT NULL, subject text NOT NULL, subject_id uuid NOT NULL, before jsonb, after jsonb,
        CONSTRAINT journal_pk PRIMARY KEY (id)
      );
      CREATE INDEX journal_of_bike ON journal (bike_id, at);
      ALTER TABLE reading ADD CONSTRAINT reading_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
      ALTER TABLE choice ADD CONSTRAINT choice_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
      ALTER TABLE accepted_stack ADD CONSTRAINT accepted_stack_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE journal, store_item, wheel, accepted_stack, choice, reading, bike');
  }
}
