/** Every kit at both ends of a bike, ranked. */
export {
  isJudged,
  match,
  matchEach,
  ownVerdict,
  ranked,
  rankedByKit,
  stopsAll,
  type MatchInput,
  type MatchRow,
  type RefusedKit,
} from './match';
export { plainMatch, PlainMatchInput, type PlainMatchRow } from './plain';
