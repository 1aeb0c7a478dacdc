/** Rotor, its bolts, the caliper and what they must clear. */
export { longestBolt, starOrder, type BoltChoice } from './bolts';
export { RotorFitInput, type RotorFitResult } from './contract';
export { rotorPatterns, type RotorPattern } from './patterns';
export { rotorFit } from './rotor-fit';
