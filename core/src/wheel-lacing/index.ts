/** Lacing a hub motor into a rim: lengths, angles, tension balance, load. */
export { WheelLacingInput, type LacingSide, type WheelLacingResult } from './contract';
export { wheelLacing } from './wheel-lacing';
