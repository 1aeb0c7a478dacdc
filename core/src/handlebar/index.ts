/** The order of everything on the handlebar, and what helps where there is none. */
export {
  barPartKinds,
  BarPart,
  BarRoom,
  HandlebarInput,
  type BarLayout,
  type BarPartKind,
  type BarSide,
  type HandlebarResult,
  type PlacedPart,
  type WayOut,
} from './contract';
export { handlebar } from './handlebar';
