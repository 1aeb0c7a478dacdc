/** What a conversion kit is besides its motor wheel: motor, controller, hub details, rim, packing, cost. */
export { KitFacts, topologies } from './kit';
export { KitOutfit } from './outfit';
