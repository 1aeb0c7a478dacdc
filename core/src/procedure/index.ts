/** The steps of a conversion at the stand: which, in which order, with what reason, checks and time. */
export {
  stations,
  type EndJob,
  type Fastener,
  type Irreversible,
  type JobFacts,
  type Station,
  type Step,
  type StepCheck,
  type StepDrawing,
  type StepFigures,
  type TorqueFigure,
  type TorqueTable,
} from './contract';
export { briefPlan, type BriefBlock, type BriefCard } from './brief';
export { axleRow, type AxleRowPart } from './axle-row';
export { endJob, jobFacts, type FittedEnd, type JobChoices, type TakenStack } from './job-facts';
export {
  batteryPlaces,
  nutSchools,
  schools,
  secondLooks,
  sensorKinds,
  tabSchools,
  wheelOrders,
  type BatteryPlace,
  type School,
  type SecondLooks,
  type SensorKind,
} from '../job-kinds';
export { procedure, stepDefinitions } from './plan';
export { isEnded, reasonOfSubstance, saysSomething, stepInHand, stepStates, type StepState } from './states';
export { jobTime, stepTime, wholeMinutes, type LoggedMinutes, type TimeEstimate } from './time';
export { stepFigures } from './step-figures';
