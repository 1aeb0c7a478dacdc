import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whether a second person is asked becomes where: a shop that asked did so at the steps that tell most. */
export class SecondLooks1764090000000 implements MigrationInterface {
  name = 'SecondLooks1764090000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      UPDATE shop_settings
      SET settings = jsonb_set(settings, '{secondPerson}', CASE settings->'secondPerson' WHEN 'true' THEN '"telling"'::jsonb ELSE '"none"' END)
      WHERE jsonb_typeof(settings->'secondPerson') = 'boolean'
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      UPDATE shop_settings
      SET settings = jsonb_set(settings, '{secondPerson}', to_jsonb(settings->>'secondPerson' <> 'none'))
      WHERE jsonb_typeof(settings->'secondPerson') = 'string'
    `);
  }
}
