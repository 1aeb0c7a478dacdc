/** The handlebar from above: where each part is in mm, and what a page or a sheet draws of it. */
export { barPlan, placeOnBar, type BarBlock, type BarPlan, type OnBar } from './bar-plan';
export { barScale, barScene } from './bar-scene';
