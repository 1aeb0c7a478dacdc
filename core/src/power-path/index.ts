/** The power path from cell to motor: ampacity, drop, fuse, isolation, voltages. */
export {
  chemistries,
  insulations,
  PowerPathInput,
  wireMetals,
  type ElementResult,
  type PathElement,
  type PowerPathResult,
} from './contract';
export { powerPath } from './power-path';
export { fuseSizesA } from './solve-path';
export { leadOhm, leadRatedA, mm2OfAwg, thinnestMm2 } from './wire';
