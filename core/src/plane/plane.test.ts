import { distanceOfPieces, distanceToPiece, hullOf, isInside, isSimple, meet, type Point } from '.';

const square: Point[] = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

describe('pieces and outlines', () => {
  it('are as far apart as they are at their nearest', () => {
    expect(
      distanceToPiece(
        [5, 3],
        [
          [0, 0],
          [10, 0],
        ],
      ),
    ).toBe(3);
    expect(
      distanceToPiece(
        [13, 4],
        [
          [0, 0],
          [10, 0],
        ],
      ),
    ).toBe(5);
    expect(
      distanceToPiece(
        [3, 4],
        [
          [0, 0],
          [0, 0],
        ],
      ),
    ).toBe(5);
    expect(
      distanceOfPieces(
        [
          [0, 0],
          [10, 0],
        ],
        [
          [5, 2],
          [5, 9],
        ],
      ),
    ).toBe(2);
    expect(
      distanceOfPieces(
        [
          [0, 0],
          [10, 0],
        ],
        [
          [5, -2],
          [5, 9],
        ],
      ),
    ).toBe(0);
  });

  it('cross, or merely touch', () => {
    expect(
      meet(
        [
          [0, 0],
          [10, 10],
        ],
        [
          [0, 10],
          [10, 0],
        ],
      ),
    ).toBe(true);
    expect(
      meet(
        [
          [0, 0],
          [10, 0],
        ],
        [
          [5, 0],
          [5, 9],
        ],
      ),
    ).toBe(false);
  });

  it('enclose what lies inside, and are simple unless they cross themselves', () => {
    expect(isInside([5, 5], square)).toBe(true);
    expect(isInside([15, 5], square)).toBe(false);
    expect(isSimple(square)).toBe(true);
    expect(isSimple([square[0]!, square[2]!, square[1]!, square[3]!])).toBe(false);
    expect(isSimple(square.slice(0, 2))).toBe(false);
  });

  it('have a hull of their outermost points', () => {
    expect(hullOf([...square, [5, 5], [2, 8]])).toHaveLength(4);
  });
});
