import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';

/** Rows that go in with one statement: PostgreSQL takes at most 65,535 values in one. */
const rowsAtOnce = 1000;

/** Inserts any number of rows. */
export async function insertAll<T extends ObjectLiteral>(
  manager: EntityManager,
  entity: EntityTarget<T>,
  rows: readonly object[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += rowsAtOnce) {
    await manager.insert(entity, rows.slice(from, from + rowsAtOnce) as never);
  }
}
