/** A caliper that reads like a real one, for demo, practice and tests. */
export { simulatedCaliper, type SimulatedCaliper, type SimulatedReading, type SlipKind } from './simulated-caliper';
