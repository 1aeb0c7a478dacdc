export { isHandOver } from './handed-over';
export {
  deliveredParts,
  endState,
  endVerdict,
  type AcceptedStack,
  type BikeRecord,
  type EndState,
  type NextAction,
  type Workshop,
} from './next-action';
