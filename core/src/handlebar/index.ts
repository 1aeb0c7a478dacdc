/** The order of everything on the handlebar, and what helps where there is none. */
export {
  barPartKinds,
  BarOrder,
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
export { laidByHand, type HandLaidBar } from './by-hand';
export { handlebar } from './handlebar';
export { runOn } from './rules';
export { holdsEvery, movedTo, orderOf, shifted } from './order';
