/** What happens to a job besides readings and choices. */
export {
  eventsOf,
  irreversibleKinds,
  jobEventKinds,
  jobEventShapes,
  lastParcel,
  offAxleKinds,
  placesOf,
  readJobEvent,
  stepEndings,
  vouchedBy,
  type JobEvent,
  type JobEventData,
  type JobEventKind,
} from './job-events';
export { atSpot, spotOf, type IrreversibleSpot } from './spots';
