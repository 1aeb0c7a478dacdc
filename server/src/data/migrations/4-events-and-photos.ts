import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What happens to a job besides readings and choices, and its photos. */
export class EventsAndPhotos1764080000000 implements MigrationInterface {
  name = 'EventsAndPhotos1764080000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE job_event (
        id uuid NOT NULL, bike_id uuid NOT NULL, kind text NOT NULL, data jsonb NOT NULL, at timestamptz(3) NOT NULL,
        person text NOT NULL, person_id uuid, withdrawn_at timestamptz(3),
        CONSTRAINT job_event_pk PRIMARY KEY (id)
      );
      CREATE INDEX job_event_of_bike ON job_event (bike_id);
      ALTER TABLE job_event ADD CONSTRAINT job_event_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
      CREATE TABLE photo (
        id uuid NOT NULL, bike_id uuid NOT NULL, about text NOT NULL, note text, taken_at timestamptz(3) NOT NULL,
        person text NOT NULL, width_px integer NOT NULL, height_px integer NOT NULL, withdrawn_at timestamptz(3),
        picture bytea NOT NULL, small bytea NOT NULL,
        CONSTRAINT photo_pk PRIMARY KEY (id)
      );
      CREATE INDEX photo_of_bike ON photo (bike_id);
      ALTER TABLE photo ADD CONSTRAINT photo_bike FOREIGN KEY (bike_id) REFERENCES bike (id);
      -- A JPEG does not shrink any further: keep it as it is.
      ALTER TABLE photo ALTER COLUMN picture SET STORAGE EXTERNAL;
      ALTER TABLE photo ALTER COLUMN small SET STORAGE EXTERNAL;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE photo, job_event');
  }
}
