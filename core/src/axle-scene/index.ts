/** The axle with everything on it as a drawing to scale: where each part is in mm, and what a page or a sheet draws of it. */
export { axleLayout, type AxleLayout, type AxleLineData, type AxlePart, type AxlePartKind } from './axle-parts';
export { axleLineOf, axleLineTaken } from './axle-line-of';
export { axleScene, type AxleSceneLook } from './axle-scene';
export { onLip } from './on-lip';
export { axlePartName } from './part-name';
export type { AxleView } from './view-box';
