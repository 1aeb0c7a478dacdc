import { said, saidKey, type Said } from '../said';

/** A value that a calculator cannot work with. Names the field, what was given and what is allowed. */
export class InputError extends Error {
  override readonly name = 'InputError';

  constructor(
    /** Dotted path of the field, such as `side.slotMinMm` or `washers.0.count`. */
    readonly path: string,
    /** What was given there. */
    readonly value: unknown,
    /** What is allowed, such as a number from 4 to 30 mm. */
    readonly allowed: Said,
  ) {
    super(`${path || 'input'} is ${shown(value)}: ${saidKey(allowed)}`);
  }

  /** What a person is told. */
  get says(): Said {
    const { path, value, allowed } = this;
    return value === undefined
      ? said('input.is-missing', { path: path || 'input', allowed })
      : said('input.must-be', { path: path || 'input', value: shown(value), allowed });
  }
}

function shown(value: unknown): string {
  if (value === undefined) return 'missing';
  if (typeof value === 'number') return String(value);
  const json = JSON.stringify(value) ?? String(value);
  return json.length > 60 ? `${json.slice(0, 57)}…` : json;
}
