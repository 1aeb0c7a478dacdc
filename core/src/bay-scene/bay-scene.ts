import { circle, polygon, polyline, scaleOf, type Scene, type Shape } from '../scene';
import type { BayPlan, Point } from './bay-plan';

const mostHeight = 420;
const shellMm = 22;

/** How the plan of a frame becomes a drawing of some width. */
export interface BayScale {
  pxPerMm: number;
  width: number;
  height: number;
  at: (point: Point) => Point;
}

/** What of a drawing goes with the hand that pushes it, and what stays: each a sheet over the one before. */
export interface BayLayers {
  frame: Shape[];
  battery: Shape[];
  box: Shape[];
  bosses: Shape[];
}

export interface BayLook {
  /** The battery has no room where it lies. */
  isStopped: boolean;
  /** The same of the controller. */
  isBoxStopped?: boolean;
}

export function bayScale({ bounds: { left, right, bottom, top } }: Pick<BayPlan, 'bounds'>, width: number): BayScale {
  const pxPerMm = Math.min(width / (right - left), mostHeight / (top - bottom));
  const drawn = (right - left) * pxPerMm;
  const shift = (width - drawn) / 2;
  const { x, y } = scaleOf({ leftMm: left, rightMm: right, upMm: top, downMm: -bottom }, drawn);
  return {
    pxPerMm,
    width,
    height: Math.ceil((top - bottom) * pxPerMm),
    at: ([forward, up]) => [shift + x(forward), y(up)],
  };
}

/** The frame from its right side, to scale: tubes, bosses, what is in the way and where it moves, battery, rail and the way in. */
export function bayLayers(plan: BayPlan, { at, pxPerMm }: BayScale, look: BayLook): BayLayers {
  const { isStopped, isBoxStopped = false } = look;
  const list = (points: readonly Point[]) => points.map(at);
  const centre = at([0, 0]);
  // All tubes first wider and dark, then as they are, so that they run into each other.
  const tubes = (['ink', 'metal'] as const).flatMap((stroke) =>
    plan.tubes.map(({ from, to, widthMm }) =>
      polyline(list([from, to]), { stroke, strokeWidth: widthMm * pxPerMm + (stroke === 'ink' ? 2 : 0) }),
    ),
  );
  return {
    frame: [
      ...tubes,
      circle(centre, shellMm * pxPerMm, { fill: 'metal', stroke: 'ink', strokeWidth: 1.5 }),
      circle(centre, 2, { fill: 'ink' }),
      ...plan.moved.map((outline) => polygon(list(outline), { stroke: 'ink', strokeWidth: 1.2, dash: [5, 4] })),
      ...plan.things.map((outline) => polygon(list(outline), { fill: 'soft', stroke: 'ink', strokeWidth: 1.5 })),
    ],
    battery: [
      polygon(list(plan.swept), { stroke: 'soft', strokeWidth: 1.2, dash: [5, 4] }),
      ...(plan.rail ? [polygon(list(plan.rail), { fill: 'ink', stroke: 'ink', strokeWidth: 1 })] : []),
      ...laid(list(plan.battery), isStopped),
      ...plan.bands.flatMap((band) => [
        polyline(list(band), { stroke: 'ink', strokeWidth: 7, roundEnds: true }),
        polyline(list(band), { stroke: 'sheet', strokeWidth: 3, roundEnds: true }),
      ]),
      ...(plan.key ? [circle(at(plan.key), 5, { fill: 'sheet', stroke: 'ink', strokeWidth: 2 })] : []),
    ],
    box: plan.box ? [polygon(list(plan.box), { fill: 'sheet', ...edge(isBoxStopped) })] : [],
    bosses: plan.bosses.map((boss) => circle(at(boss), 4, { fill: 'ink', stroke: 'paper', strokeWidth: 1 })),
  };
}

/** All of it on one sheet. */
export function bayScene(plan: BayPlan, width: number, look: BayLook): Scene {
  const scale = bayScale(plan, width);
  const { frame, battery, box, bosses } = bayLayers(plan, scale, look);
  return { width, height: scale.height, shapes: [...frame, ...battery, ...box, ...bosses] };
}

const edge = (isStopped: boolean) =>
  isStopped ? { stroke: 'stop' as const, strokeWidth: 3 } : { stroke: 'ink' as const, strokeWidth: 2 };

/** What has no room shows what is behind it. */
function laid(outline: readonly Point[], isStopped: boolean): Shape[] {
  if (!isStopped) return [polygon(outline, { fill: 'lime', ...edge(false) })];
  return [polygon(outline, { fill: 'lime', opacity: 0.35 }), polygon(outline, edge(true))];
}
