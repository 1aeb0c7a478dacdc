import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What each kind is told by, of the columns that every line of the stores had. */
const specs: Readonly<Record<string, string>> = {
  plain: `'boreMm', bore_mm, 'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  tabbed: `'boreMm', bore_mm, 'outerMm', outer_mm, 'thicknessMm', thickness_mm,
    'tabWidthMm', tab_width_mm, 'tabDepthMm', tab_depth_mm`,
  'c-washer': `'boreMm', bore_mm, 'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  'lock-plate': `'boreMm', bore_mm, 'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  'rotor-shim': `'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  'caliper-shim': `'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  'cassette-spacer': `'outerMm', outer_mm, 'thicknessMm', thickness_mm`,
  arm: `'boreMm', bore_mm, 'thicknessMm', thickness_mm`,
  'rotor-bolt': `'threadMm', bore_mm, 'lengthMm', details->'lengthMm'`,
  'caliper-bolt': `'threadMm', bore_mm, 'lengthMm', details->'lengthMm'`,
  rotor: `'diameterMm', outer_mm, 'thicknessMm', thickness_mm`,
  caliper: `'inboardMm', details->'inboardMm'`,
  spoke: `'gaugeMm', thickness_mm, 'lengthMm', details->'lengthMm'`,
};

const ofKind = Object.entries(specs).map(([kind, pairs]) => `WHEN '${kind}' THEN jsonb_build_object(${pairs})`);

/** What an arm or tyre is like stood in a box of its own; of an arm its own kind is its form. */
const inBoxes = `
  CASE kind
    WHEN 'arm' THEN (coalesce(nullif(details->'arm', 'null'), '{}') - 'kind')
      || jsonb_build_object('form', details->'arm'->'kind')
    WHEN 'tyre' THEN coalesce(nullif(details->'tyre', 'null'), '{}')
    ELSE '{}'
  END`;

/**
 * A part is its kind and the figures of that kind: no line has a thickness only because every line had. An order names the
 * part that it is for, and what it brings is a move of the ledger. A chosen wheel is one of the table.
 */
export class Parts1764200000000 implements MigrationInterface {
  name = 'Parts1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE part (
        id uuid NOT NULL, kind text NOT NULL, spec jsonb NOT NULL, label text, cost_each double precision,
        version integer NOT NULL, withdrawn_at timestamptz(3),
        CONSTRAINT part_pk PRIMARY KEY (id)
      );
      INSERT INTO part (id, kind, spec, label, cost_each, version, withdrawn_at)
        SELECT id, kind, jsonb_strip_nulls(CASE kind ${ofKind.join(' ')} ELSE '{}' END || ${inBoxes}),
          details->>'label', (details->>'costEach')::double precision, version, withdrawn_at
        FROM store_item;
      ALTER TABLE store_move DROP CONSTRAINT of_item;
      ALTER TABLE store_move RENAME COLUMN item_id TO part_id;
      ALTER INDEX store_move_of_item RENAME TO store_move_of_part;
      ALTER TABLE store_move ADD CONSTRAINT of_part FOREIGN KEY (part_id) REFERENCES part (id);
      DROP TABLE store_item;
      ALTER TABLE order_line ADD COLUMN part jsonb, ADD COLUMN drawer_id uuid,
        ADD CONSTRAINT into_drawer FOREIGN KEY (drawer_id) REFERENCES part (id);
      CREATE INDEX order_line_into_drawer ON order_line (drawer_id) WHERE drawer_id IS NOT NULL;
      ALTER TABLE store_move ADD COLUMN order_id uuid,
        ADD CONSTRAINT of_order FOREIGN KEY (order_id) REFERENCES order_line (id);
      CREATE INDEX store_move_of_order ON store_move (order_id) WHERE order_id IS NOT NULL;
      ALTER TABLE wheel ALTER COLUMN code DROP NOT NULL, ALTER COLUMN spec DROP NOT NULL;
      INSERT INTO wheel (id, note, version)
        SELECT DISTINCT wheel_id, '', 0 FROM choice
        WHERE wheel_id IS NOT NULL AND NOT EXISTS (SELECT FROM wheel WHERE wheel.id = choice.wheel_id);
      ALTER TABLE choice ADD CONSTRAINT of_wheel FOREIGN KEY (wheel_id) REFERENCES wheel (id)
    `);
  }

  /** Of kinds that an earlier version does not know there is nothing to go back to: they stay behind. */
  async down(runner: QueryRunner): Promise<void> {
    const known = [...Object.keys(specs), 'tyre'].map((kind) => `'${kind}'`).join(', ');
    await runner.query(`
      ALTER TABLE choice DROP CONSTRAINT of_wheel;
      DELETE FROM wheel WHERE spec IS NULL;
      ALTER TABLE wheel ALTER COLUMN code SET NOT NULL, ALTER COLUMN spec SET NOT NULL;
      ALTER TABLE store_move DROP CONSTRAINT of_order, DROP COLUMN order_id;
      ALTER TABLE order_line DROP CONSTRAINT into_drawer, DROP COLUMN drawer_id, DROP COLUMN part;
      ALTER TABLE store_move DROP CONSTRAINT of_part;
      DELETE FROM store_move WHERE part_id IN (SELECT id FROM part WHERE kind NOT IN (${known}));
      CREATE TABLE store_item (
        id uuid NOT NULL, kind text NOT NULL, bore_mm double precision, outer_mm double precision,
        thickness_mm double precision NOT NULL, tab_width_mm double precision, tab_depth_mm double precision,
        version integer NOT NULL, withdrawn_at timestamptz(3), details jsonb,
        CONSTRAINT store_item_pk PRIMARY KEY (id)
      );
      INSERT INTO store_item
        SELECT id, kind,
          coalesce(spec->'boreMm', spec->'threadMm')::double precision,
          coalesce(spec->'outerMm', spec->'diameterMm')::double precision,
          coalesce(spec->'thicknessMm', spec->'gaugeMm', spec->'threadMm', '1')::double precision,
          (spec->'tabWidthMm')::double precision, (spec->'tabDepthMm')::double precision,
          version, withdrawn_at,
          jsonb_build_object(
            'label', label, 'costEach', cost_each,
            'lengthMm', CASE WHEN kind <> 'arm' THEN spec->'lengthMm' END,
            'inboardMm', spec->'inboardMm',
            'arm', CASE WHEN kind = 'arm' THEN jsonb_build_object('linkMm', null, 'stepDeg', null, 'holeDeg', 0, 'offsetMm', 0)
              || (spec - 'form' - 'boreMm' - 'thicknessMm') || jsonb_build_object('kind', spec->'form') END,
            'tyre', CASE WHEN kind = 'tyre' THEN jsonb_build_object(
              'minBar', null, 'maxBar', null, 'loadKg', null, 'speedKmh', null, 'directional', false
            ) || spec END
          )
        FROM part WHERE kind IN (${known});
      ALTER TABLE store_move RENAME COLUMN part_id TO item_id;
      ALTER INDEX store_move_of_part RENAME TO store_move_of_item;
      ALTER TABLE store_move ADD CONSTRAINT of_item FOREIGN KEY (item_id) REFERENCES store_item (id);
      DROP TABLE part
    `);
  }
}
