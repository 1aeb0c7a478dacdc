/** The shapes that cross the wire. Importing this module loads the validators; types and routes alone do not. */
import 'reflect-metadata';

export { BikeChange } from './bikes/bike-change';
export { NewBike } from './bikes/new-bike';
export { NewChoice } from './choices/new-choice';
export { NewJobEvent } from './events/new-job-event';
export { NewPhoto } from './events/new-photo';
export { StoresImport, WheelsImport, WheelsImportRow } from './imports/imports';
export { OrderLineEntry } from './orders/order-line-entry';
export { DemoRole } from './people/demo-role';
export { FirstOwner, OwnSecrets, PersonEntry, shortestPassword } from './people/person-entry';
export { PinSwitch, SignIn } from './people/sign-in';
export { LoosePartEntry } from './readings/loose-part-entry';
export { NewReading, whyUnsuited } from './readings/new-reading';
export { Withdrawal } from './readings/withdrawal';
export { SettingsEntry } from './shop/settings-entry';
export { NewStack } from './stacks/new-stack';
export { StoreItemEntry } from './stores/store-item-entry';
export { TakeInEntry } from './take-in/take-in-entry';
export { WheelEntry } from './wheels/wheel-entry';
export type { Problem, ProblemCode, ProblemField } from './problem';
export { personHeader, routes, writeIdHeader } from './routes';
