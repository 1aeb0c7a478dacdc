/** One kit at one end of one bike: everything, solved jointly, before anything is ordered. */
export type {
  FitArea,
  FitFinding,
  FitInput,
  FitReport,
  LeftOver,
  NextReading,
  ShoppingGroup,
  ShoppingLine,
  ToolNeed,
} from './contract';
export { fit } from './fit';
export { fitOfRecord } from './recorded';
export { usualPrice } from './shopping';
export { nextWorth } from './measure-next';
export { planTime, type PlannedEnd } from './plan-time';
export { answered } from './judges/readings';
export { massAfterKg } from './judges/tyre';
export { findingsWith } from './with-stack';
export { fitTwoMotors, type TwoMotorsReport } from './two-motors';
export { factsOf, plainFit, PlainFitInput, plainReport, type PlainFitReport } from './plain';
