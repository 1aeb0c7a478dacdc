/** Everything besides the axles that competes for room on one bike, and where two want the same thing. */
export {
  roomStations,
  stationPlaces,
  type RoomStation,
  type StationAnswer,
  type ToGet,
  type WholeBike,
} from './contract';
export { jointFindings } from './joint';
export { answering, answersOf, type Answers } from './stations';
export { wholeBike } from './whole-bike';
export { roomShopping, type RoomLine } from './room-shopping';
export { toGet } from './to-get';
