/** What a kit brings, on one bike: as measured there, as its record has it, and how it does before it is ordered. */
export { factsWithKit, roomOfKit, kitStations, type KitStation, type RoomOfKit } from './room-of-kit';
export { newToRecord, outfitOf } from './outfit-of';
export { withOutfit } from './with-outfit';
