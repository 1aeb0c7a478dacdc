/** Drawings of everything besides the axles, as it was taken: for sheets. */
export { roomDrawing, type RoomDrawing, type RoomLook } from './room-drawing';
