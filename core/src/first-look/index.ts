/** A verdict so far, from a few readings: what stops for certain, and which readings still could. */
export { firstLook, type FirstLook } from './first-look';
