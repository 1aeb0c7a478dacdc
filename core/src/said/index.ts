/** What is to be said, as codes and figures: sentences are made of it in `words/`. */
export { languageIn, languages, type Language } from './language';
export {
  asWritten,
  canBeSaid,
  isSaid,
  listed,
  said,
  saidAgain,
  saidKey,
  saidOnes,
  sentences,
  type Listed,
  type Said,
  type SaidParam,
} from './said';
