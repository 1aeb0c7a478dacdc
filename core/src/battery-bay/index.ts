/** Where a battery goes in the frame: room, the way in, what holds it. */
export { batteryBay } from './battery-bay';
export { frameSpots, type FrameSpots } from './frame-spots';
export { openBay, type LaidBattery, type OpenBay } from './open-bay';
export {
  BatteryBayInput,
  BayBattery,
  BayObstacle,
  BayRail,
  tubeNames,
  type BatteryBayResult,
  type BayFixing,
  type BayInstead,
  type BayTriangle,
  type BayTube,
  type ChosenBay,
  type Stretch,
} from './contract';
