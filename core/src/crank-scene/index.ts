/** The section beside the frame, at the cranks: where everything is in mm, and what a page or a sheet draws of it. */
export { crankPlan, type CrankPlan, type SectionPart } from './crank-plan';
export { crankScene, type CrankLook } from './crank-scene';
