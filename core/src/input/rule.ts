import { saidKey, type Said } from '../said';
import { registerDecorator } from 'class-validator';

/** A class whose decorated properties are the contract of a plain object. */
export type Shape<T extends object = object> = new () => T;

/** What does not hold about a value, and where in it. */
export interface Shortfall {
  /** Steps from the value to the place, outermost first. */
  path: readonly string[];
  value: unknown;
  /** What is allowed there. */
  allowed: Said;
}

/** What one value must be: held by class-validator as a constraint, told in words, written as JSON Schema. */
export interface Rule {
  /** Under which class-validator knows it. */
  name: string;
  /** What is allowed: it follows "must be". */
  allowed: Said;
  /** The first thing that does not hold; null when all of it does. */
  shortfall(value: unknown): Shortfall | null;
  jsonSchema(): object;
}

/** A property decorator that carries its rule, so that a list can hold its items to it. */
export type RuleDecorator = PropertyDecorator & { readonly rule: Rule };

/** Makes a decorator of class-validator from a rule. */
export function decorating(rule: Rule): RuleDecorator {
  const decorate: PropertyDecorator = (target, property) =>
    registerDecorator({
      name: rule.name,
      target: target.constructor,
      propertyName: String(property),
      constraints: [rule],
      validator: {
        validate: (value: unknown) => rule.shortfall(value) === null,
        defaultMessage: (given) => told(rule, String(property), given?.value),
      },
    });
  return Object.assign(decorate, { rule });
}

/** A rule for a value without parts. */
export function simple(name: string, allowed: Said, holds: (value: unknown) => boolean, jsonSchema: object): Rule {
  return {
    name,
    allowed,
    shortfall: (value) => (holds(value) ? null : { path: [], value, allowed }),
    jsonSchema: () => jsonSchema,
  };
}

/** The same shortfall, seen from one step further out. */
export function within(step: string, { path, ...rest }: Shortfall): Shortfall {
  return { ...rest, path: [step, ...path] };
}

function told(rule: Rule, property: string, value: unknown): string {
  const found = rule.shortfall(value);
  const path = [property, ...(found?.path ?? [])].join('.');
  return `${path}: ${saidKey(found?.allowed ?? rule.allowed)}`;
}
