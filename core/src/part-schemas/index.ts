/** Contracts of wheels, kits and store lines, as they stand in files and requests. */
export { deliveredSchema, storeDetailsSchema, storeItemSchema, wheelSchema } from './part-schemas';
