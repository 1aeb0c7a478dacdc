/** How each station besides the axles is to be built: what is taken, frozen with what it was judged by, and printed from. */
export { against, arranged, mayBeSigned, type Arrangement, type SignedFor } from './arranged';
export { arrangementLines } from './arrangement-lines';
export { factsOfStation, kitOfStation, type KitOfStation } from './station-facts';
export { stillSo, type TakenInput } from './taken';
