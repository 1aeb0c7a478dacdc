/**
 * How plain data from outside is read: a contract is a class whose properties carry decorators over class-validator; one
 * error type has the field, the value and the allowed range in it.
 */
export { Open } from './contract';
export { InputError } from './input-error';
export { inputErrors, jsonSchema, readInput } from './read-input';
export {
  Amount,
  Anything,
  Base64,
  Checked,
  Exactly,
  Figure,
  Flag,
  OneOf,
  Remark,
  Secret,
  Text,
  Timestamp,
  ToSay,
  Uuid,
  Whole,
} from './rules';
export { Maybe, Optional } from './presence';
export { decorating, simple, type RuleDecorator, type Shape } from './rule';
export { BothSides, Either, Items, Named, Nested, OneOfKinds, Row, ShapedBy, shapeOf, type Sides } from './shape';
