/** The best ways to build a whole bike: which kit, at which end, battery, controller and throttle where. */
export type {
  Conversion,
  Conversions,
  ConversionsInput,
  ControllerPlace,
  Layout,
  PackPlace,
  Progress,
  StationOfConversion,
} from './contract';
export { conversions, conversionsEach } from './conversions';
export { builtFacts, layoutsOf } from './layouts';
