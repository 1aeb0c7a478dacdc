import { said, type Said } from '../said';
import { box, circle, polyline, scaleOf, type Paint, type Scene, type Shape } from '../scene';
import type { CrankPlan, SectionPart } from './crank-plan';

const height = 206;
const margin = 24;
const middleY = 108;
const halfHeights: Record<SectionPart, number> = { frame: 46, sensor: 20, ring: 34, crank: 56 };
const paints: Record<SectionPart, Paint> = { frame: 'metal', sensor: 'lime', ring: 'soft', crank: 'metal' };

export interface CrankLook {
  width: number;
  /** As it is said where the drawing is looked at. */
  say: (words: Said) => string;
}

/** A section beside the frame, to scale outwards: the frame's face, sensor, gap, ring, what is to spare, and the crank on its axle. */
export function crankScene(plan: CrankPlan, { width, say }: CrankLook): Scene {
  const stretch = { leftMm: plan.fromMm, rightMm: plan.toMm, upMm: 0, downMm: 0 };
  const scale = scaleOf(stretch, width - 2 * margin);
  const x = (mm: number) => margin + scale.x(mm);
  const axle = box([x(plan.fromMm), middleY - 9], [x(plan.toMm), middleY + 9], 'sheet', { strokeWidth: 1 });
  return {
    width,
    height,
    shapes: [
      axle,
      ...plan.parts.map(({ part, fromMm, toMm }) =>
        box([x(fromMm), middleY - halfHeights[part]], [x(toMm), middleY + halfHeights[part]], paints[part], {
          strokeWidth: 1.5,
          leastPx: 2,
        }),
      ),
      ...plan.parts.map(({ part, fromMm, toMm }, index): Shape => ({
        shape: 'text',
        x: (x(fromMm) + x(toMm)) / 2,
        y: index % 2 === 0 ? 38 : height - 30,
        text: say(said(`crank-part.${part}`)),
        size: 12,
        fill: 'ink',
      })),
      ...forward(x(plan.toMm) - 9, say(said('crank-part.forward'))),
      ...(plan.markedMm === null
        ? []
        : markedFace(x(plan.markedMm), plan.markedMm <= ringMiddle(plan) ? -1 : 1, say(said('crank-part.marked')))),
      ...plan.gaps.flatMap(({ fromMm, toMm, mm }): Shape[] => [
        polyline(
          [
            [x(fromMm), height - 16],
            [x(toMm), height - 16],
          ],
          { stroke: 'ink', strokeWidth: 2 },
        ),
        {
          shape: 'text',
          x: (x(fromMm) + x(toMm)) / 2,
          y: height - 3,
          text: String(Number(mm.toFixed(1))),
          size: 12,
          fill: 'ink',
        },
      ]),
    ],
  };
}

function ringMiddle({ parts }: CrankPlan): number {
  const ring = parts.find(({ part }) => part === 'ring')!;
  return (ring.fromMm + ring.toMm) / 2;
}

/** Pedalled forwards the top of the crank goes away from who looks from behind: a cross in a ring. */
function forward(at: number, says: string): Shape[] {
  const y = 12;
  return [
    circle([at, y], 7, { stroke: 'ink', strokeWidth: 1.5 }),
    { shape: 'path', d: `M${at - 5} ${y - 5}l10 10M${at + 5} ${y - 5}l-10 10`, stroke: 'ink', strokeWidth: 1.5 },
    { shape: 'text', x: at - 12, y: y + 4, text: says, size: 11, fill: 'ink', from: 'end' },
  ];
}

/**
 * The ring's marked face, with an arrow to where it looks.
 *
 * @param towards - to which side the face looks
 */
function markedFace(at: number, towards: -1 | 1, says: string): Shape[] {
  const y = middleY - halfHeights.frame - 8;
  const tip = at + towards * 14;
  return [
    polyline(
      [
        [at, y],
        [at, middleY + halfHeights.ring],
      ],
      { stroke: 'lime', strokeWidth: 4 },
    ),
    {
      shape: 'path',
      d: `M${at} ${y}L${tip} ${y}m${-towards * 6} -4l${towards * 6} 4l${-towards * 6} 4`,
      stroke: 'ink',
      strokeWidth: 1.8,
    },
    {
      shape: 'text',
      x: tip + towards * 4,
      y: y + 4,
      text: says,
      size: 11,
      fill: 'ink',
      from: towards < 0 ? 'end' : 'start',
    },
  ];
}
