/** What may be known of a bike as a whole and of its rider's wishes, from take-in. */
export { BikeFacts, emptyBikeFacts } from './bike-facts';
