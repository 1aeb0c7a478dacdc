/** What holds the axle against the motor's reaction: friction, slots, arms; tight nuts and slack ones. */
export {
  armGrades,
  torqueArmSchema,
  torqueReactionSchema,
  type ArmGrade,
  type TorqueArm,
  type TorqueReactionInput,
  type TorqueReactionResult,
  type TorqueRemedy,
  type TorqueShare,
  type TorqueSide,
} from './contract';
export { nutMaxNm } from './nut';
export { nutTorqueNm } from './nut-torque';
export { torqueHolds } from './remedies';
export { torqueReaction } from './torque-reaction';
