/** Where ring and sensor of the pedal assistance go, and what that takes. */
export {
  crankFixings,
  PedalSensorInput,
  ringKinds,
  ringSides,
  sensorMounts,
  shellKinds,
  type CrankTool,
  type PedalSensorResult,
  type RingSide,
  type SensorInstead,
  type SensorMount,
  type SensorWay,
} from './contract';
export { pedalSensor } from './pedal-sensor';
