/** What lies in the drawers, what lies with a bike, and which parts an accepted stack takes. */
export { onHand, storesFor, takenByStack, type StackParts, type StockMove, type TakenParts } from './stock';
