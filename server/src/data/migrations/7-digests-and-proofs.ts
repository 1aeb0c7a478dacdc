import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A write that is sent again is known by its body, too: another body under the same id is another write. And who has proved to
 * be themselves at a phone is kept with the time: a proof ends after hours.
 */
export class DigestsAndProofs1764110000000 implements MigrationInterface {
  name = 'DigestsAndProofs1764110000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE journal ADD COLUMN body_digest text');
    await runner.query('ALTER TABLE session ADD COLUMN proofs jsonb');
    await runner.query(`
      UPDATE session SET proofs = (
        SELECT coalesce(jsonb_object_agg(id::text, to_jsonb(session.seen_at)), '{}'::jsonb) FROM unnest(proved_ids) AS id
      )
    `);
    await runner.query('ALTER TABLE session ALTER COLUMN proofs SET NOT NULL');
    await runner.query('ALTER TABLE session DROP COLUMN proved_ids');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE session ADD COLUMN proved_ids uuid[]');
    await runner.query(`UPDATE session SET proved_ids = ARRAY(SELECT key::uuid FROM jsonb_each(proofs))`);
    await runner.query('ALTER TABLE session ALTER COLUMN proved_ids SET NOT NULL');
    await runner.query('ALTER TABLE session DROP COLUMN proofs');
    await runner.query('ALTER TABLE journal DROP COLUMN body_digest');
  }
}
