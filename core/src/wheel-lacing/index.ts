/** Lacing a hub motor into a rim: lengths, angles, tension balance, load. */
export { wheelLacingSchema, type LacingSide, type WheelLacingInput, type WheelLacingResult } from './contract';
export { wheelLacing } from './wheel-lacing';
