/** The kit of every drawing: plain data in px, its scale, dimensions, names that do not cover one another, and its SVG. */
export { leaderLabels, type LeaderLabel } from './leader-labels';
export { pageLetters, type Letters } from './letters';
export { box, dimension, labelRowPx, leaders } from './marks';
export { circle, polygon, polyline } from './outlines';
export { scaleOf, type Scale, type Stretch } from './scale';
export type { GroupShape, Paint, PathShape, RectShape, Scene, SceneTones, Shape, TextShape } from './scene';
export { hatches, paintOf, svgText } from './svg-text';
