import { listed, said, type Said } from '../said';
import { contractOf } from './contract';
import { decorating, within, type Rule, type RuleDecorator, type Shape, type Shortfall } from './rule';

/**
 * An object with exactly the fields of another contract.
 *
 * @example class Bolt { @Nested(() => Thread) thread!: Thread }
 */
export function Nested(of: () => Shape): RuleDecorator {
  return decorating(nested(of));
}

/** A list of at most `max` items, each held to a rule or to a contract. */
export function Items(item: RuleDecorator | (() => Shape), max: number): RuleDecorator {
  const rule = 'rule' in item ? item.rule : nested(item);
  const allowed = said('input.list', { max });
  return decorating({
    name: 'items',
    allowed,
    shortfall: (value) => {
      if (!Array.isArray(value) || value.length > max) return { path: [], value, allowed };
      for (let at = 0; at < value.length; at++) {
        const found = rule.shortfall(value[at]);
        if (found) return within(String(at), found);
      }
      return null;
    },
    jsonSchema: () => ({ type: 'array', items: rule.jsonSchema(), maxItems: max }),
  });
}

/**
 * A list of exactly so many items, as the coordinates of a point.
 *
 * @param allowed - what the list is, in words
 */
export function Row(item: RuleDecorator, count: number, allowed: Said): RuleDecorator {
  const { rule } = item;
  return decorating({
    name: 'row',
    allowed,
    shortfall: (value) => {
      if (!Array.isArray(value) || value.length !== count) return { path: [], value, allowed };
      for (let at = 0; at < value.length; at++) {
        const found = rule.shortfall(value[at]);
        if (found) return within(String(at), found);
      }
      return null;
    },
    jsonSchema: () => ({ type: 'array', items: rule.jsonSchema(), minItems: count, maxItems: count }),
  });
}

/** An object of any names, each of whose values is held to a rule or to a contract. */
export function Named(item: RuleDecorator | (() => Shape)): RuleDecorator {
  const rule = 'rule' in item ? item.rule : nested(item);
  return decorating({
    name: 'named',
    allowed: said('input.object'),
    shortfall: (value) => {
      if (!isObject(value)) return { path: [], value, allowed: said('input.object') };
      for (const [name, inner] of Object.entries(value)) {
        const found = rule.shortfall(inner);
        if (found) return within(name, found);
      }
      return null;
    },
    jsonSchema: () => ({ type: 'object', additionalProperties: rule.jsonSchema() }),
  });
}

/**
 * One of several contracts, told apart by a word in one field.
 *
 * @param field - the field that tells
 * @param kinds - the contract of each word; each has the field too
 */
export function OneOfKinds(field: string, kinds: Readonly<Record<string, Shape>>): RuleDecorator {
  const allowed = said('input.one-of', { words: listed(Object.keys(kinds), 'comma') });
  return decorating({
    name: 'oneOfKinds',
    allowed,
    shortfall: (value) => {
      if (!isObject(value)) return { path: [], value, allowed: said('input.object') };
      const kind = value[field];
      if (typeof kind !== 'string' || !Object.hasOwn(kinds, kind)) return { path: [field], value: kind, allowed };
      return contractOf(kinds[kind]!).shortfall(value);
    },
    jsonSchema: () => ({ oneOf: Object.values(kinds).map((kind) => contractOf(kind).jsonSchema()) }),
  });
}

/**
 * A contract in which the shape of one field goes by a word in another, as a part's figures go by its kind. Without the word the
 * field is none. To JSON Schema it is the contract alone: thirty shapes for one field would hide what is asked.
 *
 * @param word - the field that tells
 * @param field - the field that it tells the shape of
 */
export function ShapedBy(
  of: () => Shape,
  word: string,
  field: string,
  shapes: Readonly<Record<string, Shape>>,
): RuleDecorator {
  const whole = nested(of);
  return decorating({
    ...whole,
    name: 'shapedBy',
    shortfall: (value) => {
      const found = whole.shortfall(value);
      const plain = value as Record<string, unknown>;
      if (found || plain[field] === undefined) return found;
      const shape = plain[word] === undefined ? undefined : shapes[String(plain[word])];
      if (!shape) return { path: [field], value: plain[field], allowed: said('input.unknown-field') };
      const inner = contractOf(shape).shortfall(plain[field]);
      return inner && within(field, inner);
    },
  });
}

/** The same for both sides of the bike. */
export interface Sides<T> {
  left: T;
  right: T;
}

/** An object with `left` and `right`, each held to the same rule. */
export function BothSides(item: RuleDecorator): RuleDecorator {
  const shape = shapeOf<Sides<unknown>>({ left: [item], right: [item] });
  return Nested(() => shape);
}

/** Either of two rules: the words say both. */
export function Either(one: RuleDecorator, other: () => Shape, allowed: Said): RuleDecorator {
  const second = nested(other);
  return decorating({
    name: 'either',
    allowed,
    shortfall: (value) => (one.rule.shortfall(value) && second.shortfall(value) ? { path: [], value, allowed } : null),
    jsonSchema: () => ({ anyOf: [one.rule.jsonSchema(), second.jsonSchema()] }),
  });
}

/** A contract whose fields are worked out: from a table, or from another contract's. */
export function shapeOf<T extends object>(fields: Readonly<Record<string, readonly PropertyDecorator[]>>): Shape<T> {
  class Made {}
  for (const [name, decorators] of Object.entries(fields)) {
    for (const decorate of decorators) decorate(Made.prototype, name);
  }
  return Made as Shape<T>;
}

function nested(of: () => Shape): Rule {
  return {
    name: 'nested',
    allowed: said('input.object'),
    shortfall: (value): Shortfall | null => contractOf(of()).shortfall(value),
    jsonSchema: () => contractOf(of()).jsonSchema(),
  };
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
