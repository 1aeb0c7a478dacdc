export {
  endFacts,
  withoutFeatures,
  type Condition,
  type EndFacts,
  type Reading,
  type SideFacts,
  type Told,
} from './end-facts';
export { measurePlan, openFeatures, type PlannedFeature } from './measure-plan';
export { PlainReading } from './reading-schema';
