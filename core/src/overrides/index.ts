/** The owner's overrides of a `stop`. */
export { overridesOf } from './overrides-of';
export { mayOverride, withOverrides, type Override } from './overrides';
