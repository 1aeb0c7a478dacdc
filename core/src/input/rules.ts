import { asWritten, canBeSaid, listed, said, type Said } from '../said';
import { isBase64, isISO8601, isUUID } from 'class-validator';

import { decorating, simple, type RuleDecorator } from './rule';

/**
 * A finite number from `min` to `max`, both allowed; the unit is for the error and for the reader.
 *
 * @example class Slot { @Amount(3, 40, 'mm') widthMm!: number }
 */
export function Amount(min: number, max: number, unit: string): RuleDecorator {
  const allowed = unit ? said('input.number-in', { min, max, unit }) : said('input.number', { min, max });
  const holds = (value: unknown) => typeof value === 'number' && value >= min && value <= max;
  return decorating(simple('amount', allowed, holds, { type: 'number', minimum: min, maximum: max }));
}

/** A whole number from `min` to `max`. */
export function Whole(min: number, max: number): RuleDecorator {
  const holds = (value: unknown) => Number.isInteger(value) && (value as number) >= min && (value as number) <= max;
  const jsonSchema = { type: 'integer', minimum: min, maximum: max };
  return decorating(simple('whole', said('input.whole-number-from-to', { min, max }), holds, jsonSchema));
}

/** One of the given words. */
export function OneOf(words: readonly string[]): RuleDecorator {
  const known = new Set<unknown>(words);
  const jsonSchema = { enum: [...words], type: 'string' };
  return decorating(
    simple('oneOf', said('input.one-of', { words: listed(words, 'comma') }), (value) => known.has(value), jsonSchema),
  );
}

/** Exactly this word. */
export function Exactly(word: string): RuleDecorator {
  return decorating(simple('exactly', asWritten(word), (value) => value === word, { const: word }));
}

/** `true` or `false`. */
export function Flag(): RuleDecorator {
  return decorating(
    simple('flag', said('input.true-or-false'), (value) => typeof value === 'boolean', { type: 'boolean' }),
  );
}

/** A text of 1 to `max` characters, not of blanks alone. */
export function Text(max = 200): RuleDecorator {
  const holds = (value: unknown) =>
    typeof value === 'string' && value.length >= 1 && value.length <= max && /\S/.test(value);
  const jsonSchema = { type: 'string', minLength: 1, maxLength: max, pattern: '\\S' };
  return decorating(simple('text', said('input.text', { min: 1, max }), holds, jsonSchema));
}

/** What is to be said, as its code and figures. */
export function ToSay(): RuleDecorator {
  const holds = (value: unknown) => canBeSaid(value) && JSON.stringify(value).length <= 8_000;
  return decorating(simple('toSay', said('input.to-say'), holds, { type: 'object' }));
}

/** A text of at most `max` characters that may be empty: nothing to remark. */
export function Remark(max: number): RuleDecorator {
  const holds = (value: unknown) => typeof value === 'string' && value.length <= max;
  return decorating(
    simple('remark', said('input.text-of-at-most-characters', { max }), holds, { type: 'string', maxLength: max }),
  );
}

/**
 * A text of `min` to `max` characters that no error repeats.
 *
 * @param pattern - what it must look like beside its length
 */
export function Secret(
  min: number,
  max: number,
  pattern = /^/,
  allowed: Said = said('input.text', { min, max }),
): RuleDecorator {
  const holds = (value: unknown) =>
    typeof value === 'string' && value.length >= min && value.length <= max && pattern.test(value);
  const jsonSchema = { type: 'string', minLength: min, maxLength: max, format: 'password' };
  const { rule } = decorating(simple('secret', allowed, holds, jsonSchema));
  return decorating({
    ...rule,
    shortfall: (value) =>
      rule.shortfall(value) ? { path: [], value: value === undefined ? value : '…', allowed } : null,
  });
}

/** A UUID. */
export function Uuid(): RuleDecorator {
  return decorating(simple('uuid', said('input.uuid'), (value) => isUUID(value), { type: 'string', format: 'uuid' }));
}

/** Day and time with its zone, as files write it. */
export function Timestamp(): RuleDecorator {
  const holds = (value: unknown) =>
    typeof value === 'string' && /T.*(Z|[+-]\d{2}:?\d{2})$/.test(value) && isISO8601(value, { strict: true });
  const allowed = said('input.date-and-time');
  return decorating(simple('timestamp', allowed, holds, { type: 'string', format: 'date-time' }));
}

/** Bytes in base64, at most `max` characters of it. */
export function Base64(what: Said, max: number): RuleDecorator {
  const holds = (value: unknown) => typeof value === 'string' && value.length <= max && isBase64(value);
  const jsonSchema = { type: 'string', contentEncoding: 'base64', maxLength: max };
  return decorating(simple('base64', what, holds, jsonSchema));
}

/** Any finite number: what was signed stands as it was signed. */
export function Figure(): RuleDecorator {
  return decorating(simple('figure', said('input.number-2'), (value) => Number.isFinite(value), { type: 'number' }));
}

/** Whatever it is: somebody else looks at it. */
export function Anything(): RuleDecorator {
  return decorating(simple('anything', said('input.anything'), () => true, {}));
}

/**
 * A value that also passes a check of its own.
 *
 * @param base - the rule that it must hold to first
 * @param allowed - what the check allows, in words
 */
export function Checked(base: RuleDecorator, holds: (value: never) => boolean, allowed: Said): RuleDecorator {
  const { name, shortfall, jsonSchema } = base.rule;
  return decorating({
    name,
    allowed,
    shortfall: (value) => shortfall(value) ?? (holds(value as never) ? null : { path: [], value, allowed }),
    jsonSchema,
  });
}
