/** Torque arms in side view: which reach the blade, where, and which way round. */
export { armFit, chooseArms, placementFinding } from './arm-fit';
export {
  armFitSchema,
  armKinds,
  armSchema,
  armSideSchema,
  type Arm,
  type ArmFitInput,
  type ArmFitResult,
  type ArmKind,
  type ArmPlacement,
  type ArmSide,
} from './contract';
