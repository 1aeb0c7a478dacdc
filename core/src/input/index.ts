/**
 * How a calculator reads plain data from outside: a valibot schema per contract, one error type with the field,
 * the value and the allowed range in it.
 */
export { InputError } from './input-error';
export { readInput } from './read-input';
export { amount, flag, integer, list, maybe, oneOf, optional, record, remark, text } from './schema';
