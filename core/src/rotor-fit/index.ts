/** Rotor, its bolts, the caliper and what they must clear. */
export { longestBolt, starOrder, type BoltChoice } from './bolts';
export { rotorFitSchema, rotorPatterns, type RotorFitInput, type RotorFitResult, type RotorPattern } from './contract';
export { rotorFit } from './rotor-fit';
