import { createHash } from 'node:crypto';

import type { Pool } from 'pg';
import { QueryFailedError, type DataSource } from 'typeorm';
import type { PostgresDriver } from 'typeorm/driver/postgres/PostgresDriver.js';

/** A question that is asked so often that each connection reads and plans it once. */
export interface Prepared {
  name: string;
  text: string;
}

/** @example const byTag = prepared('SELECT id FROM bike WHERE tag = $1'); */
export function prepared(text: string): Prepared {
  return { name: createHash('sha256').update(text).digest('base64url'), text };
}

/**
 * Asks outside of any transaction.
 *
 * @throws QueryFailedError as every other question does
 */
export async function ask<Row extends object>(
  { driver }: DataSource,
  question: Prepared,
  values: readonly unknown[],
): Promise<Row[]> {
  const pool = (driver as PostgresDriver).master as Pool;
  try {
    return (await pool.query<Row>({ ...question, values: [...values] })).rows;
  } catch (error) {
    throw new QueryFailedError(question.text, [...values], error as Error);
  }
}
