/** The frame from its right side with the battery in it: where everything is in mm, and what a page or a sheet draws of it. */
export { bayPlan, type BayPlan, type Point, type TubeLine } from './bay-plan';
export { bayLayers, bayScale, bayScene, type BayLayers, type BayLook, type BayScale } from './bay-scene';
