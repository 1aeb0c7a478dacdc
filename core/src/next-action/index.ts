export { isHandOver } from './handed-over';
export {
  deliveredParts,
  endState,
  type AcceptedStack,
  type BikeRecord,
  type EndState,
  type NextAction,
  type Workshop,
} from './next-action';
