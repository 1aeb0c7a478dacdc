/** What a conversion kit is besides its motor wheel: motor, controller, hub details, rim, packing, cost. */
export { kitFactsSchema, topologies, type KitFacts } from './kit';
