export {
  activeEnd,
  endState,
  type AcceptedStack,
  type BikeRecord,
  type Choice,
  type EndState,
  type NextAction,
} from './next-action';
