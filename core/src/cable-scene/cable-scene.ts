import {
  circle,
  labelRowPx,
  leaderLabels,
  leaders,
  polygon,
  polyline,
  scaleOf,
  type Letters,
  type Scene,
  type Shape,
} from '../scene';
import type { CablePlan, CableViewFrom, Point } from './cable-plan';

const mostHeight = 380;
const leastHeight = 180;

/** How the plan of the cables becomes a drawing of some width. */
export interface CableScale {
  pxPerMm: number;
  height: number;
  at: (point: Point) => Point;
}

export function cableScale(
  { bounds: { left, right, bottom, top } }: Pick<CablePlan, 'bounds'>,
  width: number,
): CableScale {
  const pxPerMm = Math.min(width / (right - left), mostHeight / (top - bottom));
  const [wide, tall] = [(right - left) * pxPerMm, (top - bottom) * pxPerMm];
  const height = Math.max(leastHeight, Math.ceil(tall));
  const [shiftX, shiftY] = [(width - wide) / 2, (height - tall) / 2];
  const { x, y } = scaleOf({ leftMm: left, rightMm: right, upMm: top, downMm: -bottom }, wide);
  return { pxPerMm, height, at: ([along, up]) => [shiftX + x(along), shiftY + y(up)] };
}

/**
 * The bike with its cables, to scale: wheels, cranks, head, every run, and the picked one with its ties on top.
 *
 * @param letters - of the names of places under it; left out where they are told beside the drawing
 */
export function cableScene(plan: CablePlan, from: CableViewFrom, width: number, letters?: Letters): Scene {
  const { pxPerMm, height, at } = cableScale(plan, width);
  const list = (points: readonly Point[]) => points.map(at);
  const names = letters ? placeNames(plan, at, width, height, letters) : { rowsPx: 0, shapes: [] };
  return {
    width,
    height: height + names.rowsPx,
    shapes: [
      ...names.shapes,
      ...(plan.frame.length > 0 ? [polygon(list(plan.frame), { stroke: 'metal', strokeWidth: 10 })] : []),
      ...plan.discs.map(({ centre, radiusMm, halfWidthMm }): Shape => {
        const [x, y] = at(centre);
        const [reach, half] = [radiusMm * pxPerMm, halfWidthMm * pxPerMm];
        return from === 'side'
          ? circle([x, y], reach, { stroke: 'soft', strokeWidth: 1.5 })
          : {
              shape: 'rect',
              x: x - reach,
              y: y - half,
              width: 2 * reach,
              height: 2 * half,
              fill: 'metal',
              stroke: 'soft',
              strokeWidth: 1,
            };
      }),
      ...cranks(plan, from, at, pxPerMm),
      polyline(list(plan.head), { stroke: 'metal', strokeWidth: 12, roundEnds: true }),
      ...plan.lines.flatMap(({ points, isPicked }) => [
        polyline(list(points), { stroke: 'ink', strokeWidth: isPicked ? 6 : 1.5 }),
        ...(isPicked ? [polyline(list(points), { stroke: 'lime', strokeWidth: 3 })] : []),
      ]),
      ...list(plan.ties).map(([x, y]): Shape => ({
        shape: 'rect',
        x: x - 1.5,
        y: y - 6,
        width: 3,
        height: 12,
        fill: 'ink',
      })),
      ...(plan.coil ? [6, 10].map((r) => circle(at(plan.coil!), r, { stroke: 'ink', strokeWidth: 2 })) : []),
      ...plan.anchors.map(({ at: spot, isOnPath }) =>
        circle(at(spot), isOnPath ? 5 : 3.5, { fill: isOnPath ? 'ink' : 'sheet', stroke: 'ink', strokeWidth: 1.5 }),
      ),
    ],
  };
}

/** A line down from each place to its name. */
function placeNames({ anchors }: CablePlan, at: CableScale['at'], width: number, height: number, letters: Letters) {
  const spots = anchors.map(({ id, at: spot }) => ({ text: id, at: at(spot)[0], y: at(spot)[1] }));
  const labels = leaderLabels(spots, width, letters.letterPx);
  const rows = Math.max(0, ...labels.map(({ row }) => row + 1));
  const shapes = labels.flatMap((label) => {
    const { y } = spots.find(({ text }) => text === label.text)!;
    return leaders([label], y, height, letters);
  });
  return { rowsPx: rows * labelRowPx(letters) + 8, shapes };
}

/** Where cranks and feet turn: nothing may hang in there. */
function cranks({ crank }: CablePlan, from: CableViewFrom, at: CableScale['at'], pxPerMm: number): Shape[] {
  const look = { stroke: 'soft', strokeWidth: 1, dash: [4, 4] } as const;
  if (from === 'side') return [circle(at([0, 0]), crank.radiusMm * pxPerMm, look)];
  return [-1, 1].map((side) =>
    polyline([at([-crank.radiusMm, side * crank.halfWidthMm]), at([crank.radiusMm, side * crank.halfWidthMm])], look),
  );
}
