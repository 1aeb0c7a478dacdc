export {
  endFacts,
  lastTold,
  withoutFeatures,
  type Condition,
  type EndFacts,
  type Reading,
  type SideFacts,
  type Told,
  type ToldReading,
} from './end-facts';
export { isCarbon, measurePlan, needsApproval, openFeatures, type PlannedFeature } from './measure-plan';
export { PlainReading } from './reading-schema';
