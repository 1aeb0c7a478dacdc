/** Where cables run: their length over every movement, what they keep away from, ties and extensions. */
export { cableRuns } from './cable-runs';
export { placesAt } from './places-at';
export {
  bodies,
  CableAnchor,
  CableRunsInput,
  CableToRun,
  TurningDisc,
  type Body,
  type CableRun,
  type CableRunsResult,
  type CableSpan,
  type Setting,
  type Spot,
} from './contract';
