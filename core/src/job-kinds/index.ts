/** Words for how a conversion is to be built, as take-in asks and steps follow them. */
export {
  schools,
  tabSchools,
  sensorKinds,
  batteryPlaces,
  secondLooks,
  wheelOrders,
  nutSchools,
  type School,
  type TabSchool,
  type SensorKind,
  type BatteryPlace,
  type SecondLooks,
} from './job-kinds';
