import type { DataSource, EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';
import type { ColumnMetadata } from 'typeorm/metadata/ColumnMetadata.js';

export type Source = DataSource | EntityManager;

/** The manager of a transaction, or the one outside of any. */
export function managerOf(source: Source): EntityManager {
  return 'manager' in source ? source.manager : source;
}

/** PostgreSQL writes the JSON: a page of rows needs no object for each, and times are as they go over the wire. */
const isoTime = `'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'`;

/**
 * The columns of an entity as one JSON object, with the name of the person where it has one.
 *
 * @param alias - of the table in the query
 */
export function jsonRow(source: Source, entity: EntityTarget<ObjectLiteral>, alias: string): string {
  const { columns } = managerOf(source).dataSource.getMetadata(entity);
  const fields = columns.filter(({ isSelect, propertyName }) => isSelect && propertyName !== 'personName');
  const byName = fields.map((column) => `'${column.propertyName}', ${value(column, alias)}`);
  const signed = columns.some(({ propertyName }) => propertyName === 'personName');
  return `json_build_object(${[...byName, ...(signed ? [`'person', ${nameOf(alias)}`] : [])].join(', ')})`;
}

function value({ type, databaseName }: ColumnMetadata, alias: string): string {
  const column = `${alias}.${databaseName}`;
  return type === 'timestamptz' ? `to_char(${column} AT TIME ZONE 'UTC', ${isoTime})` : column;
}

function nameOf(alias: string): string {
  return `coalesce(${alias}.person_name, (SELECT name FROM person WHERE person.id = ${alias}.person_id), '')`;
}

/**
 * One row as it goes over the wire; null when there is none.
 *
 * @param T - shape of the row, as its entity and the contract describe it
 */
export async function rowOf<T>(
  source: Source,
  entity: EntityTarget<ObjectLiteral>,
  id: string,
  bikeId?: string,
): Promise<T | null> {
  const { tableName } = managerOf(source).dataSource.getMetadata(entity);
  const where = bikeId === undefined ? 'it.id = $1' : 'it.id = $1 AND it.bike_id = $2';
  const rows: { row: T }[] = await source.query(
    `SELECT ${jsonRow(source, entity, 'it')} AS row FROM ${tableName} AS it WHERE ${where}`,
    bikeId === undefined ? [id] : [id, bikeId],
  );
  return rows[0]?.row ?? null;
}

/** The same for a row that is known to be there. */
export async function storedRow<T>(source: Source, entity: EntityTarget<ObjectLiteral>, id: string): Promise<T> {
  const row = await rowOf<T>(source, entity, id);
  if (row === null) throw new Error(`${managerOf(source).dataSource.getMetadata(entity).tableName} ${id} is not there`);
  return row;
}

/** A value as the driver takes it: what goes into JSON is written as JSON. */
function given({ type }: ColumnMetadata, value: unknown): unknown {
  return type === 'jsonb' && value !== null ? JSON.stringify(value) : value;
}

/** The columns of an entity that are given a value, with the values as the driver takes them; the others get their default. */
export function filledColumns(
  source: Source,
  entity: EntityTarget<ObjectLiteral>,
  values: Readonly<Record<string, unknown>>,
): { tableName: string; columns: ColumnMetadata[]; names: string; parameters: unknown[] } {
  const { tableName, columns } = managerOf(source).dataSource.getMetadata(entity);
  const filled = columns.filter(({ propertyName }) => values[propertyName] !== undefined);
  return {
    tableName,
    columns: filled,
    names: filled.map(({ databaseName }) => databaseName).join(', '),
    parameters: filled.map((column) => given(column, values[column.propertyName])),
  };
}

/**
 * Inserts a row and reads it as it goes over the wire, in one question.
 *
 * @param values - by the names of the entity; what is left out gets its default
 */
export async function insertedRow<T>(
  source: Source,
  entity: EntityTarget<ObjectLiteral>,
  values: Readonly<Record<string, unknown>>,
): Promise<T> {
  const { tableName, columns, names, parameters } = filledColumns(source, entity, values);
  const places = columns.map((_, index) => `$${index + 1}`);
  const rows: { row: T }[] = await source.query(
    `WITH it AS (INSERT INTO ${tableName} (${names}) VALUES (${places.join(', ')}) RETURNING *)
     SELECT ${jsonRow(source, entity, 'it')} AS row FROM it`,
    parameters,
  );
  return rows[0]!.row;
}
