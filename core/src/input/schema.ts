import * as v from 'valibot';

/** A finite number from `min` to `max`, both allowed; the unit is for the error and for the reader. */
export function amount(min: number, max: number, unit: string) {
  const allowed = `a number from ${min} to ${max}${unit ? ` ${unit}` : ''}`;
  return v.pipe(v.number(allowed), v.minValue(min, allowed), v.maxValue(max, allowed));
}

/** A whole number from `min` to `max`. */
export function integer(min: number, max: number) {
  const allowed = `a whole number from ${min} to ${max}`;
  return v.pipe(v.number(allowed), v.integer(allowed), v.minValue(min, allowed), v.maxValue(max, allowed));
}

/** One of the given words. */
export function oneOf<const T extends readonly string[]>(words: T) {
  return v.picklist(words, `one of ${words.join(', ')}`);
}

/** `true` or `false`. */
export function flag() {
  return v.boolean('true or false');
}

/** A text of 1 to `max` characters, not of blanks alone. */
export function text(max = 200) {
  const allowed = `a text of 1 to ${max} characters`;
  return v.pipe(v.string(allowed), v.minLength(1, allowed), v.maxLength(max, allowed), v.regex(/\S/, allowed));
}

/** A text of at most `max` characters that may be empty: nothing to remark. */
export function remark(max: number) {
  const allowed = `a text of at most ${max} characters`;
  return v.pipe(v.string(allowed), v.maxLength(max, allowed));
}

/** A list of at most `max` items. */
export function list<const S extends v.GenericSchema>(item: S, max: number) {
  const allowed = `a list of at most ${max} items`;
  return v.pipe(v.array(item, allowed), v.maxLength(max, allowed));
}

/** An object with exactly these fields: an unknown field is an error, since a misspelt reading must not go unseen. */
export function record<const E extends v.ObjectEntries>(fields: E) {
  return v.strictObject(fields);
}

/** A field that may be left out. */
export function optional<const S extends v.GenericSchema>(schema: S) {
  return v.optional(schema);
}

/** A figure, or null for "there is none": said, not left out. */
export function maybe<const S extends v.GenericSchema>(schema: S) {
  return v.nullable(schema);
}
