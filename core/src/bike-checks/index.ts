/** The bike itself at its new speed and mass: brakes, grip, heat, ratings, condition. */
export { bikeChecks } from './bike-checks';
export {
  BikeChecksInput,
  brakeKinds,
  leverPulls,
  surfaces,
  Thermal,
  type BikeChecksResult,
  type BrakeKind,
  type Surface,
} from './contract';
export { hottestDescentKmh } from './descent';
export { drivenLoadN, gripOn } from './forces';
export { usualThermal, windingAfterC } from './hub-heat';
export { conditionRule, facesRule, hangerRule } from './ratings';
