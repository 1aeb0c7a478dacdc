import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Parts of what take-in told that are rows of their own. */
const inParts = ['brakes', 'tyres', 'approvals', 'job'];

/**
 * Everything recorded carries a place of the bike instead of one of its two ends, and the person's id instead of a name; what
 * take-in told are readings like any other; an accepted stack is an acceptance with what it was worked out from and what came
 * out.
 */
export class Places1764170000000 implements MigrationInterface {
  name = 'Places1764170000000';

  async up(runner: QueryRunner): Promise<void> {
    await stacksBecomeAcceptances(runner);
    for (const table of ['reading', 'choice', 'acceptance', 'order_line']) {
      await runner.query(`ALTER TABLE ${table} ADD COLUMN place text`);
      await runner.query(`UPDATE ${table} SET place = bike_end || '-axle'`);
      await runner.query(`ALTER TABLE ${table} DROP COLUMN bike_end, ALTER COLUMN place SET NOT NULL`);
    }
    await runner.query(`UPDATE choice SET kind = 'place' WHERE kind = 'end'`);
    await runner.query('ALTER TABLE job_event ADD COLUMN place text, ADD COLUMN schema_version integer');
    await runner.query(`
      UPDATE job_event
      SET place = coalesce((data->>'end') || '-axle', 'bike'), data = data - 'end', schema_version = 2
    `);
    await runner.query(
      'ALTER TABLE job_event ALTER COLUMN place SET NOT NULL, ALTER COLUMN schema_version SET NOT NULL',
    );
    await runner.query('ALTER TABLE photo ADD COLUMN place text');
    await runner.query(`
      UPDATE photo SET place = coalesce(substring(about FROM '\\.(front|rear)(?:\\.|$)') || '-axle', 'bike')
    `);
    await runner.query('ALTER TABLE photo ALTER COLUMN place SET NOT NULL');
    for (const table of ofBike) await namesBecomeIds(runner, table);
    await namesBecomeIds(runner, 'journal');
    await takeInBecomesReadings(runner);
    await holdByKeys(runner);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE journal DROP CONSTRAINT of_bike');
    for (const table of [...ofBike, 'journal']) {
      await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT by_person, ADD COLUMN person text`);
      await runner.query(`
        UPDATE ${table} AS told SET person = coalesce(
          told.person_name, (SELECT name FROM person WHERE person.id = told.person_id), 'not recorded')
      `);
      await runner.query(`ALTER TABLE ${table} ALTER COLUMN person SET NOT NULL, DROP COLUMN person_name`);
      if (table !== 'job_event' && table !== 'journal')
        await runner.query(`ALTER TABLE ${table} DROP COLUMN person_id`);
    }
    await readingsBecomeTakeIn(runner);
    await runner.query('ALTER TABLE photo DROP COLUMN place');
    await runner.query(`
      UPDATE job_event SET data = data || jsonb_build_object('end', split_part(place, '-', 1)) WHERE place LIKE '%-axle'
    `);
    await runner.query('ALTER TABLE job_event DROP COLUMN place, DROP COLUMN schema_version');
    await runner.query(`UPDATE choice SET kind = 'end' WHERE kind = 'place'`);
    for (const table of ['reading', 'choice', 'acceptance', 'order_line']) {
      await runner.query(`ALTER TABLE ${table} ADD COLUMN bike_end text`);
      await runner.query(`UPDATE ${table} SET bike_end = split_part(place, '-', 1)`);
      await runner.query(`ALTER TABLE ${table} DROP COLUMN place, ALTER COLUMN bike_end SET NOT NULL`);
    }
    await acceptancesBecomeStacks(runner);
    for (const table of ofBike.filter((name) => name !== 'acceptance')) {
      await runner.query(`ALTER TABLE ${table} RENAME CONSTRAINT of_bike TO ${table}_bike`);
    }
  }
}

const ofBike = ['reading', 'choice', 'acceptance', 'order_line', 'job_event', 'photo'];

async function stacksBecomeAcceptances(runner: QueryRunner): Promise<void> {
  await runner.query(`
    ALTER TABLE accepted_stack RENAME TO acceptance;
    ALTER TABLE acceptance RENAME CONSTRAINT accepted_stack_pk TO acceptance_pk;
    ALTER TABLE acceptance RENAME CONSTRAINT accepted_stack_bike TO acceptance_bike;
    ALTER INDEX accepted_stack_of_bike RENAME TO acceptance_of_bike;
    ALTER TABLE acceptance
      ADD COLUMN kind text, ADD COLUMN schema_version integer, ADD COLUMN input jsonb, ADD COLUMN result jsonb
  `);
  await runner.query(`
    UPDATE acceptance SET
      kind = 'stack',
      schema_version = 2,
      input = jsonb_build_object(
        'wheelId', wheel_id, 'byHand', by_hand, 'wheel', snapshot->'wheel', 'axle', snapshot->'input'),
      result = snapshot - 'wheel' - 'input'
  `);
  await runner.query(`
    ALTER TABLE acceptance
      DROP COLUMN snapshot, DROP COLUMN wheel_id, DROP COLUMN by_hand,
      ALTER COLUMN kind SET NOT NULL, ALTER COLUMN schema_version SET NOT NULL,
      ALTER COLUMN input SET NOT NULL, ALTER COLUMN result SET NOT NULL
  `);
}

async function acceptancesBecomeStacks(runner: QueryRunner): Promise<void> {
  await runner.query(
    'ALTER TABLE acceptance ADD COLUMN snapshot jsonb, ADD COLUMN wheel_id uuid, ADD COLUMN by_hand boolean',
  );
  await runner.query(`
    UPDATE acceptance SET
      snapshot = result || jsonb_build_object('wheel', input->'wheel', 'input', input->'axle'),
      wheel_id = (input->>'wheelId')::uuid,
      by_hand = (input->>'byHand')::boolean
  `);
  await runner.query(`
    ALTER TABLE acceptance
      DROP COLUMN kind, DROP COLUMN schema_version, DROP COLUMN input, DROP COLUMN result,
      ALTER COLUMN snapshot SET NOT NULL, ALTER COLUMN wheel_id SET NOT NULL, ALTER COLUMN by_hand SET NOT NULL;
    ALTER TABLE acceptance RENAME TO accepted_stack;
    ALTER TABLE accepted_stack RENAME CONSTRAINT acceptance_pk TO accepted_stack_pk;
    ALTER TABLE accepted_stack RENAME CONSTRAINT of_bike TO accepted_stack_bike;
    ALTER INDEX acceptance_of_bike RENAME TO accepted_stack_of_bike
  `);
}

/** A name stays only where it is not that of a person of this shop as it is now. */
async function namesBecomeIds(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS person_id uuid, ADD COLUMN person_name text`);
  await runner.query(`
    UPDATE ${table} SET person_id = NULL WHERE NOT EXISTS (SELECT 1 FROM person WHERE person.id = ${table}.person_id)
  `);
  await runner.query(`
    UPDATE ${table} AS told SET person_id = person.id FROM person
    WHERE told.person_id IS NULL AND person.name = told.person
  `);
  await runner.query(`
    UPDATE ${table} AS told SET person_name = told.person
    WHERE NOT EXISTS (SELECT 1 FROM person WHERE person.id = told.person_id AND person.name = told.person)
  `);
  await runner.query(`ALTER TABLE ${table} DROP COLUMN person`);
}

/** Who said it is who wrote the take-in last. */
async function takeInBecomesReadings(runner: QueryRunner): Promise<void> {
  await runner.query('ALTER TABLE reading ADD COLUMN told jsonb');
  const parts = inParts.map((name) => `'${name}'`).join(', ');
  await runner.query(`
    INSERT INTO reading (id, bike_id, place, feature, told, instrument, taken_at, person_id, person_name)
    SELECT gen_random_uuid(), bike.id, 'bike', told.feature, jsonb_build_object('is', told.value), 'eye',
      coalesce(said.at, bike.created_at), said.person_id,
      CASE WHEN said.person_id IS NULL THEN coalesce(said.person_name, 'not recorded') ELSE said.person_name END
    FROM bike
    CROSS JOIN LATERAL (
      SELECT key AS feature, value FROM jsonb_each(bike.facts) WHERE key NOT IN (${parts})
      UNION ALL
      SELECT lump.key || '.' || part.key, part.value
      FROM jsonb_each(bike.facts) AS lump CROSS JOIN LATERAL jsonb_each(lump.value) AS part
      WHERE lump.key IN (${parts})
    ) AS told
    LEFT JOIN LATERAL (
      SELECT at, person_id, person_name FROM journal
      WHERE journal.bike_id = bike.id AND journal.action IN ('taken-in', 'bike-in') ORDER BY at DESC LIMIT 1
    ) AS said ON true
    WHERE told.value NOT IN ('null'::jsonb, '{}'::jsonb)
  `);
  await runner.query('ALTER TABLE bike DROP COLUMN facts');
}

async function readingsBecomeTakeIn(runner: QueryRunner): Promise<void> {
  await runner.query(`ALTER TABLE bike ADD COLUMN facts jsonb NOT NULL DEFAULT '{}'`);
  await runner.query('ALTER TABLE bike ALTER COLUMN facts DROP DEFAULT');
  const rows: { bike_id: string; feature: string; told: { is: unknown } }[] = await runner.query(`
    SELECT bike_id, feature, told FROM reading WHERE place = 'bike' AND withdrawn_at IS NULL ORDER BY taken_at, id
  `);
  const facts = new Map<string, Record<string, unknown>>();
  for (const { bike_id, feature, told } of rows) {
    const known = facts.get(bike_id) ?? {};
    facts.set(bike_id, known);
    const [name, part] = feature.split('.') as [string, string | undefined];
    if (part === undefined) known[name] = told.is ?? undefined;
    else known[name] = { ...(known[name] as object | undefined), [part]: told.is ?? undefined };
  }
  for (const [id, known] of facts) {
    await runner.query('UPDATE bike SET facts = $2 WHERE id = $1', [id, JSON.stringify(known)]);
  }
  await runner.query(`DELETE FROM reading WHERE place NOT LIKE '%-axle'`);
  await runner.query('ALTER TABLE reading DROP COLUMN told');
}

async function holdByKeys(runner: QueryRunner): Promise<void> {
  for (const table of ofBike) {
    await runner.query(`ALTER TABLE ${table} RENAME CONSTRAINT ${table}_bike TO of_bike`);
    await runner.query(`ALTER TABLE ${table} ADD CONSTRAINT by_person FOREIGN KEY (person_id) REFERENCES person (id)`);
  }
  await runner.query(`
    UPDATE journal SET bike_id = NULL WHERE NOT EXISTS (SELECT 1 FROM bike WHERE bike.id = journal.bike_id)
  `);
  await runner.query('ALTER TABLE journal ADD CONSTRAINT by_person FOREIGN KEY (person_id) REFERENCES person (id)');
  // The row of a bike that is brought in goes in before the bike.
  await runner.query(`
    ALTER TABLE journal ADD CONSTRAINT of_bike
      FOREIGN KEY (bike_id) REFERENCES bike (id) DEFERRABLE INITIALLY DEFERRED
  `);
}
