/** Torque arms in side view: which reach the blade, where, and which way round. */
export { armFit, chooseArms, placementFinding } from './arm-fit';
export { ArmFitInput, armKinds, Arm, ArmSide, type ArmFitResult, type ArmKind, type ArmPlacement } from './contract';
