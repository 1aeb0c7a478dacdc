/** What holds the axle against the motor's reaction: friction, slots, arms; tight nuts and slack ones. */
export {
  approvalSchema,
  armGrades,
  torqueArmSchema,
  torqueReactionSchema,
  type Approval,
  type ArmGrade,
  type TorqueArm,
  type TorqueReactionInput,
  type TorqueReactionResult,
  type TorqueRemedy,
  type TorqueShare,
  type TorqueSide,
} from './contract';
export { nutAimNm, nutMaxNm, nutMostNm } from './nut';
export { nutTorqueNm } from './nut-torque';
export { torqueHolds } from './remedies';
export { torqueReaction } from './torque-reaction';
