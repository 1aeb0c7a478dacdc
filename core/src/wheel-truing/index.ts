/** A trued wheel, spoke by spoke, against the workshop's limits. */
export { wheelTruing, wheelTruingSchema, type WheelTruingInput, type WheelTruingResult } from './wheel-truing';
