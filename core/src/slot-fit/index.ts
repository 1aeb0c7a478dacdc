export {
  axleSchema,
  seats,
  slotFitSchema,
  type Axle,
  type Seat,
  type SlotFitInput,
  type SlotFitResult,
  type SlotSide,
} from './contract';
export { axleCentreMm, flatChordMm, flatEngagedMm, relieveMm, rockAngleDeg } from './geometry';
export { slotFit } from './slot-fit';
