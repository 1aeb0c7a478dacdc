import { said } from '../said';
import { getMetadataStorage } from 'class-validator';

import { isGiven, isSome } from './presence';
import { within, type Rule, type Shape, type Shortfall } from './rule';

interface Field {
  name: string;
  rule: Rule;
  mayBeLeftOut: boolean;
  mayBeNull: boolean;
}

/**
 * What a class asks of a plain object, read once from class-validator's own register: walking its metadata for every call
 * takes six times as long, and a match asks some ten thousand times.
 */
export interface Contract {
  shortfall(value: unknown): Shortfall | null;
  /** The first shortfall of every field, for forms that tell all at once. */
  shortfalls(value: unknown): Shortfall[];
  jsonSchema(): object;
}

const contracts = new WeakMap<Shape, Contract>();
const open = new WeakSet<Shape>();

/** A contract that lets through what it does not name: what a later version added to a record that was signed. */
export const Open = (): ((shape: Shape) => void) => (shape) => void open.add(shape);

/** The contract of a class. */
export function contractOf(shape: Shape): Contract {
  let contract = contracts.get(shape);
  if (!contract) contracts.set(shape, (contract = compiled(shape)));
  return contract;
}

const unknownField = said('input.unknown-field');

function compiled(shape: Shape): Contract {
  const fields = fieldsOf(shape);
  const known = new Set(fields.map(({ name }) => name));
  const strict = !open.has(shape);

  function shortfalls(value: unknown, most = Infinity): Shortfall[] {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) {
      return [{ path: [], value, allowed: said('input.object') }];
    }
    const plain = value as Record<string, unknown>;
    const found: Shortfall[] = [];
    for (const field of fields) {
      const shortfall = shortfallOf(field, plain);
      if (shortfall && found.push(within(field.name, shortfall)) === most) return found;
    }
    if (!strict) return found;
    for (const name of Object.keys(plain)) {
      if (known.has(name)) continue;
      if (found.push({ path: [name], value: plain[name], allowed: unknownField }) === most) return found;
    }
    return found;
  }

  return {
    shortfall: (value) => shortfalls(value, 1)[0] ?? null,
    shortfalls: (value) => shortfalls(value),
    jsonSchema: () => ({
      type: 'object',
      properties: Object.fromEntries(fields.map((field) => [field.name, schemaOf(field)])),
      required: fields.filter(({ mayBeLeftOut }) => !mayBeLeftOut).map(({ name }) => name),
      ...(strict && { additionalProperties: false }),
    }),
  };
}

function shortfallOf({ name, rule, mayBeLeftOut, mayBeNull }: Field, plain: Record<string, unknown>): Shortfall | null {
  const value = plain[name];
  if (value === undefined && mayBeLeftOut) return null;
  if (value === null && mayBeNull) return null;
  return rule.shortfall(value);
}

function schemaOf({ rule, mayBeNull }: Field): object {
  const schema = rule.jsonSchema();
  return mayBeNull ? { anyOf: [schema, { type: 'null' }] } : schema;
}

/** Own fields in the order in which they stand, after those of the class that is extended. */
function fieldsOf(shape: Shape): Field[] {
  const all = getMetadataStorage().getTargetValidationMetadatas(shape, '', true, false);
  const extended = all.filter(({ target }) => target !== shape);
  const fields = new Map<string, Partial<Field> & { name: string }>();
  for (const { propertyName: name, constraints = [] } of [
    ...extended,
    ...all.filter((one) => !extended.includes(one)),
  ]) {
    const field = fields.get(name) ?? { name };
    const [constraint] = constraints as unknown[];
    if (constraint === isGiven) field.mayBeLeftOut = true;
    else if (constraint === isSome) field.mayBeNull = true;
    else if (isRule(constraint)) field.rule = constraint;
    else throw new Error(`${shape.name}.${name} is held by something that is no rule`);
    fields.set(name, field);
  }
  return [...fields.values()].map((field): Field => {
    const { name, rule, mayBeLeftOut = false, mayBeNull = false } = field;
    if (!rule) throw new Error(`${shape.name}.${name} has no rule`);
    return { name, rule, mayBeLeftOut, mayBeNull };
  });
}

function isRule(constraint: unknown): constraint is Rule {
  return typeof constraint === 'object' && constraint !== null && 'shortfall' in constraint;
}
