import type { MigrationInterface, QueryRunner } from 'typeorm';

const onHand = `
  SELECT item.id, greatest(0, coalesce(counted.count, 0) + coalesce((
    SELECT sum(count) FROM store_move
    WHERE item_id = item.id AND kind = 'moved' AND at > coalesce(counted.at, '-infinity')
  ), 0)) AS count
  FROM store_item AS item LEFT JOIN LATERAL (
    SELECT count, at FROM store_move WHERE item_id = item.id AND kind = 'counted' ORDER BY at DESC, id DESC LIMIT 1
  ) AS counted ON true`;

/** How many lie in a drawer follows from a ledger of what was counted and moved; what is there now is counted now. */
export class Stock1764180000000 implements MigrationInterface {
  name = 'Stock1764180000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE store_move (
        id uuid NOT NULL, item_id uuid NOT NULL, kind text NOT NULL, count integer NOT NULL, at timestamptz(3) NOT NULL,
        bike_id uuid, place text, person_id uuid,
        CONSTRAINT store_move_pk PRIMARY KEY (id),
        CONSTRAINT of_item FOREIGN KEY (item_id) REFERENCES store_item (id),
        CONSTRAINT of_bike FOREIGN KEY (bike_id) REFERENCES bike (id),
        CONSTRAINT by_person FOREIGN KEY (person_id) REFERENCES person (id)
      );
      CREATE INDEX store_move_of_item ON store_move (item_id, at);
      CREATE INDEX store_move_of_bike ON store_move (bike_id) WHERE bike_id IS NOT NULL;
      INSERT INTO store_move (id, item_id, kind, count, at)
        SELECT gen_random_uuid(), id, 'counted', count, now() FROM store_item;
      ALTER TABLE store_item DROP COLUMN count
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE store_item ADD COLUMN count integer NOT NULL DEFAULT 0;
      UPDATE store_item SET count = known.count FROM (${onHand}) AS known WHERE known.id = store_item.id;
      ALTER TABLE store_item ALTER COLUMN count DROP DEFAULT;
      DROP TABLE store_move
    `);
  }
}
