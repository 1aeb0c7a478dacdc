/** What was accepted stands as it was: the input it was judged by and the result, with the version of their shape. */
export { acceptanceKinds, type Acceptance, type AcceptanceKind } from './acceptance';
export { ArrangementInput, type ArrangementResult, type Chosen } from './arrangement';
export { AcceptedStackInput, AcceptedStackResult } from './stack';
