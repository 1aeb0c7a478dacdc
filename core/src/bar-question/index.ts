/** What is asked about the handlebar of one bike. */
export { barQuestion } from './bar-question';
