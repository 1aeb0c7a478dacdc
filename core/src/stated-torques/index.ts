/** Torques that the makers of kit and bike state: they go before the workshop's own. */
export { statedFasteners, statedFor, StatedTorque, type StatedFastener } from './stated-torques';
