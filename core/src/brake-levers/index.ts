/** Brake levers: kept, kept with a switch, or replaced, at both ends together. */
export { brakeLevers } from './brake-levers';
export {
  BrakeLeversInput,
  BrakeSwitch,
  KitLever,
  leverSteps,
  OwnLever,
  type BrakeEnd,
  type BrakeLeversResult,
  type LeverPull,
  type LeverPurchase,
  type LeverStep,
  type LeverTool,
  type LeverWay,
} from './contract';
