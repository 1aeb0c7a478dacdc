/** What holds the axle against the motor's reaction: friction, slots, arms; tight nuts and slack ones. */
export {
  Approval,
  armGrades,
  TorqueArm,
  TorqueReactionInput,
  type ArmGrade,
  type TorqueReactionResult,
  type TorqueRemedy,
  type TorqueShare,
  type TorqueSide,
} from './contract';
export { nutAimNm, nutMaxNm, nutMostNm } from './nut';
export { nutTorqueNm } from './nut-torque';
export { torqueHolds } from './remedies';
export { torqueReaction } from './torque-reaction';
