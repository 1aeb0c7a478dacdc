/** The loom as a diagram: which part leads to which by which plug, and what a page or a sheet draws of it. */
export { wiringPlan, type WiringBox, type WiringPlan, type WiringRow } from './wiring-plan';
export { wiringScene } from './wiring-scene';
