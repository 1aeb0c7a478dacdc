/** What is asked about the handlebar of one bike, and what its kits still bring onto it. */
export { barQuestion } from './bar-question';
export { notOnBar, withKit, type KitOnBar } from './from-kit';
