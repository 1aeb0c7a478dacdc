/** What a conversion kit is besides its motor wheel: motor, controller, hub details, rim, its parts, cost. */
export { KitFacts, topologies } from './kit';
export { type KitPart } from './kit-part';
export { KitOutfit } from './outfit';
