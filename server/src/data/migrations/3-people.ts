import type { MigrationInterface, QueryRunner } from 'typeorm';

/** People with roles, their sessions, and how often a secret was tried. */
export class People1764070000000 implements MigrationInterface {
  name = 'People1764070000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE person (
        id uuid NOT NULL, name text NOT NULL, name_key text NOT NULL, role text NOT NULL, active boolean NOT NULL,
        password_hash text, pin_hash text, version integer NOT NULL,
        CONSTRAINT person_pk PRIMARY KEY (id)
      );
      CREATE UNIQUE INDEX person_by_name ON person (name_key);
      CREATE TABLE session (
        token_digest text NOT NULL, person_id uuid NOT NULL, proved_ids uuid[] NOT NULL,
        created_at timestamptz(3) NOT NULL, seen_at timestamptz(3) NOT NULL,
        CONSTRAINT session_pk PRIMARY KEY (token_digest)
      );
      CREATE INDEX session_of_person ON session (person_id);
      ALTER TABLE session ADD CONSTRAINT session_person FOREIGN KEY (person_id) REFERENCES person (id);
      CREATE TABLE attempt (key text NOT NULL, points integer NOT NULL DEFAULT 0, expire bigint, CONSTRAINT attempt_pk PRIMARY KEY (key));
      ALTER TABLE journal ADD COLUMN person_id uuid;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE journal DROP COLUMN person_id;
      DROP TABLE attempt, session, person;
    `);
  }
}
