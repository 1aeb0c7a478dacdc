import { inputErrors, type InputError, type Shape } from '@cricket/core/input';
import { withMark, type DecimalMark } from '@cricket/core/units';
import Papa from 'papaparse';

import { words } from './words';
import { say } from '../../ui/say';

/** One line that does not hold. Lines count from 1, in CSV after the heading. */
export interface LineProblem {
  line: number;
  path: string;
  message: string;
}

export type ReadList<T> = { rows: T[]; problems: LineProblem[] } | { refused: string };

interface ReadingList<T> {
  /** Brings a line of an earlier version up to date. */
  before?: (row: Record<string, unknown>) => object;
  /** What else must hold of a line whose fields hold each by itself. */
  together?: (row: T) => readonly InputError[];
}

/** Most bytes that are read from a file with a list. */
export const mostBytes = 4 * 1024 * 1024;

/**
 * Rows as CSV: nested fields in columns such as `axle.threadMm`, lists as JSON. Text that a spreadsheet would take for a
 * formula gets a leading apostrophe, which is taken off again on the way in.
 *
 * @param mark - what the shop's spreadsheet writes before decimals; with a comma there, columns are parted by semicolons
 */
export function toCsv(rows: readonly object[], mark: DecimalMark = '.'): string {
  const flat = rows.map((row) => flatten(row, mark));
  const columns = [...new Set(flat.flatMap(Object.keys))];
  return Papa.unparse(
    flat.map((row) => Object.fromEntries(columns.map((column) => [column, row[column] ?? '']))),
    { columns, escapeFormulae: formula, ...(mark === ',' && { delimiter: ';' }) },
  );
}

/** What a spreadsheet would take for a formula: a figure below nothing is none. */
const formula = /^[=+\-@\t\r](?!\d+([.,]\d+)?$)/;

/** Bytes of a file as text; a refusal for what is too large or not UTF-8. */
export function readBytes(bytes: ArrayBuffer, most = mostBytes): { text: string } | { refused: string } {
  const mb = 1024 * 1024;
  if (bytes.byteLength > most) return { refused: words.tooLarge((bytes.byteLength / mb).toFixed(1), most / mb) };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return { refused: words.notUtf8 };
  }
}

/**
 * Reads a list from CSV or JSON and holds every line against the contract.
 *
 * @param text - the file
 * @param shape - contract of one line
 * @param newId - makes the id of a line without one
 * @returns every line with its problems, or why the file as a whole cannot be read
 */
export function readList<T extends object>(
  text: string,
  shape: Shape<T>,
  newId: () => string,
  { before = (row) => row, together = () => [] }: ReadingList<T> = {},
): ReadList<T> {
  const plain = /^\s*[[{]/.test(text) ? fromJson(text) : fromCsv(text);
  if ('refused' in plain) return plain;
  if (plain.rows.length === 0) return { refused: words.empty };
  const rows: T[] = [];
  const problems: LineProblem[] = [];
  const seen = new Set<string>();
  plain.rows.forEach((row, index) => {
    const line = index + 1;
    const own = typeof row === 'object' && row !== null ? { ...before(row as Record<string, unknown>) } : row;
    const withId = own as { id?: unknown };
    if (typeof own === 'object' && own !== null && (withId.id === undefined || withId.id === '')) withId.id = newId();
    const id = String(withId?.id ?? '');
    if (seen.has(id)) problems.push({ line, path: 'id', message: words.twice(id) });
    seen.add(id);
    const alone = inputErrors(shape, own);
    const errors = alone.length > 0 ? alone : together(own as T);
    problems.push(...errors.map(({ path, says }) => ({ line, path, message: say(says) })));
    if (errors.length === 0) rows.push(own as T);
  });
  return { rows, problems };
}

function fromJson(text: string): { rows: unknown[] } | { refused: string } {
  try {
    const value: unknown = JSON.parse(text);
    if (Array.isArray(value)) return { rows: value };
    const { rows } = value as { rows?: unknown };
    return Array.isArray(rows) ? { rows } : { refused: words.notList };
  } catch (error) {
    return { refused: words.badJson((error as Error).message) };
  }
}

function fromCsv(text: string): { rows: unknown[] } | { refused: string } {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const [broken] = errors.filter(({ code }) => code !== 'UndetectableDelimiter');
  if (broken) return { refused: words.badCsv((broken.row ?? 0) + 1, broken.message) };
  // Where columns are not parted by commas, a comma is that of decimals.
  const mark = meta.delimiter === ',' ? '.' : ',';
  return { rows: data.map((row) => unflatten(row, mark)) };
}

function flatten(row: object, mark: DecimalMark): Record<string, string | number> {
  const flat: Record<string, string | number> = {};
  const put = (path: string, value: unknown) => {
    if (value === undefined) return;
    if (value !== null && typeof value === 'object' && !Array.isArray(value)) {
      for (const [key, inner] of Object.entries(value)) put(path ? `${path}.${key}` : key, inner);
    } else if (typeof value === 'number') flat[path] = withMark(String(value), mark);
    else if (typeof value === 'string') flat[path] = value;
    else flat[path] = JSON.stringify(value);
  };
  put('', row);
  return flat;
}

function unflatten(row: Record<string, string>, mark: DecimalMark): object {
  const whole: Record<string, unknown> = {};
  for (const [path, text] of Object.entries(row)) {
    if (text === '' || text === undefined) continue;
    const keys = path.split('.');
    // A column called __proto__ is a line's own field, and an unknown one.
    let at = whole;
    keys.slice(0, -1).forEach((key) => {
      if (!Object.hasOwn(at, key))
        Object.defineProperty(at, key, { value: {}, enumerable: true, writable: true, configurable: true });
      at = at[key] as Record<string, unknown>;
    });
    Object.defineProperty(at, keys[keys.length - 1]!, {
      value: cell(text, mark),
      enumerable: true,
      writable: true,
      configurable: true,
    });
  }
  return whole;
}

/** Figures, yes and no, null and lists come back as what they are; everything else is text. */
function cell(text: string, mark: DecimalMark): unknown {
  const bare = /^'[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
  if (/^-?\d+(\.\d+)?(e-?\d+)?$/i.test(bare)) return Number(bare);
  if (mark === ',' && /^-?\d+,\d+$/.test(bare)) return Number(bare.replace(',', '.'));
  if (/^(true|false|null|\[.*\]|\{.*\})$/s.test(bare)) {
    try {
      return JSON.parse(bare) as unknown;
    } catch {
      return bare;
    }
  }
  return bare;
}
