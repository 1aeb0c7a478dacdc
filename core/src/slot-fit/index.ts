export { Axle, seats, SlotFitInput, type Seat, type SlotFitResult, type SlotSide } from './contract';
export { axleCentreMm, flatChordMm, flatEngagedMm, relieveMm, rockAngleDeg } from './geometry';
export { slotFit } from './slot-fit';
export { getCWasher, relieveSeat } from './rules';
