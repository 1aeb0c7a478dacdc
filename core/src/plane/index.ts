/** Points, straight pieces and outlines in a plane. */
export {
  cross,
  distanceOfPieces,
  distanceToPiece,
  dot,
  hullOf,
  isInside,
  isSimple,
  lengthOf,
  meet,
  minus,
  piecesOf,
  plus,
  radians,
  times,
  type Piece,
  type Point,
} from './plane';
