/** The steps of a conversion at the stand: which, in which order, with what reason, checks and time. */
export {
  stations,
  type EndJob,
  type JobFacts,
  type Station,
  type Step,
  type StepCheck,
  type StepDrawing,
  type StepFigures,
  type TorqueTable,
} from './contract';
export { axleRow, type AxleRowPart } from './axle-row';
export { endJob, jobFacts, jobOf, type JobChoices } from './job-facts';
export {
  batteryPlaces,
  schools,
  secondLooks,
  sensorKinds,
  type BatteryPlace,
  type School,
  type SecondLooks,
  type SensorKind,
} from './kinds';
export { procedure, stepDefinitions } from './plan';
export { stepStates, takesOwner, type StepState } from './states';
export { jobTime, stepTime, type LoggedMinutes, type TimeEstimate } from './time';
export { stepFigures } from './step-figures';
