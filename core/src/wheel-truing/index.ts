/** A trued wheel, spoke by spoke, against the workshop's limits. */
export { wheelTruing, WheelTruingInput, type WheelTruingResult } from './wheel-truing';
