/** Every kit at both ends of a bike, ranked. */
export { match, matchEach, ranked, type MatchInput, type MatchRow } from './match';
export { plainMatch, plainMatchSchema, type PlainMatchInput, type PlainMatchRow } from './plain';
