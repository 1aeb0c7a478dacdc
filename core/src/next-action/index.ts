export {
  activeEnd,
  chosenWheelId,
  endState,
  type AcceptedStack,
  type BikeRecord,
  type Choice,
  type EndState,
  type NextAction,
  type Workshop,
} from './next-action';
