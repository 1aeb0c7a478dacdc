export { MatchScreen as default } from '../../../../src/match/match-screen';
