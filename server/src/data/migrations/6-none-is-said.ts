import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What a kit does not have is said from now on, not left out: a kit without rim or battery keeps that meaning. The minutes that a
 * shop had set for whole tasks go: the steps' own minutes count.
 */
export class NoneIsSaid1764100000000 implements MigrationInterface {
  name = 'NoneIsSaid1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      UPDATE wheel
      SET spec = jsonb_set(spec, '{kit}', '{"rim": null, "battery": null}'::jsonb || (spec->'kit'))
      WHERE jsonb_typeof(spec->'kit') = 'object'
    `);
    await runner.query(`
      UPDATE shop_settings
      SET settings = jsonb_set(settings, '{limits}', (
        SELECT coalesce(jsonb_object_agg(key, value), '{}'::jsonb)
        FROM jsonb_each(settings->'limits') WHERE key !~ '^minutes[A-Z]'
      ))
      WHERE jsonb_typeof(settings->'limits') = 'object'
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const part of ['rim', 'battery']) {
      await runner.query(
        `UPDATE wheel SET spec = spec #- '{kit,${part}}' WHERE spec->'kit'->'${part}' = 'null'::jsonb`,
      );
    }
  }
}
