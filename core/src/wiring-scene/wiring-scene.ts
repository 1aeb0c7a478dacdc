import { polyline, type Scene, type SceneTones, type Shape } from '../scene';
import type { WiringPlan, WiringRow } from './wiring-plan';

const boxShare = 0.31;
const margin = 8;

/** Parts as boxes, each join as a line from one to the other with both halves of its plug in the middle; legible on paper. */
export function wiringScene({ boxes, rows, height }: WiringPlan, width: number): Scene {
  const box = Math.min(260, width * boxShare);
  const rightX = width - margin - box;
  return {
    width,
    height,
    shapes: [
      ...boxes.flatMap(({ part, side, top, height: tall }): Shape[] => {
        const x = side === 'left' ? margin : rightX;
        return [
          { shape: 'rect', x, y: top, width: box, height: tall, fill: 'sheet', stroke: 'ink', strokeWidth: 2 },
          { shape: 'text', x: x + 6, y: top + 17, text: short(part, box), size: 17, fill: 'ink', from: 'start' },
        ];
      }),
      ...rows.flatMap((row) => rowShapes(row, margin + box, rightX, box)),
    ],
  };
}

function rowShapes(row: WiringRow, from: number, to: number, box: number): Shape[] {
  const { left, right, way, verdict, y } = row;
  const middle = (from + to) / 2;
  const reach = right ? 13 : 0;
  const isStopped = verdict === 'stop';
  const ink = isStopped ? 'stop' : 'ink';
  const apart = way === 'none' ? 10 : 0;
  const lead = (x1: number, x2: number) =>
    polyline(
      [
        [x1, y],
        [x2, y],
      ],
      { stroke: ink, strokeWidth: 2 },
    );
  const name = (x: number, text: string): Shape => ({
    shape: 'text',
    x,
    y: y + 5,
    text: short(text, box),
    size: 15,
    fill: 'ink',
    from: 'start',
  });
  return [
    lead(from, middle - reach - apart),
    name(from - box + 6, left.id),
    ...half(middle - reach - apart, y, left.gender, 1, ink),
    ...(right
      ? [
          lead(middle + reach + apart, to),
          ...half(middle + reach + apart, y, right.gender, -1, ink),
          name(to + 6, right.id),
        ]
      : [{ shape: 'path' as const, d: `M${middle + 10} ${y - 9}h8v18h-8`, stroke: ink, strokeWidth: 2 } as const]),
    ...between(row, middle, to - from),
    ...(isStopped && way !== 'none' ? [cross(middle, y)] : []),
  ];
}

/** What comes between two halves: adapters by their names, or arrows both ways where contacts change places. */
function between({ adapters, way, y }: WiringRow, x: number, px: number): Shape[] {
  if (adapters.length > 0) {
    return [{ shape: 'text', x, y: y - 13, text: short(adapters.join(' + '), px), size: 14, fill: 'ink' }];
  }
  if (way !== 'repin') return [];
  const d = `M${x - 7} ${y - 20}h14m-4 -3l4 3l-4 3M${x + 7} ${y - 14}h-14m4 -3l-4 3l4 3`;
  return [{ shape: 'path', d, stroke: 'ink', strokeWidth: 1.5 }];
}

function cross(x: number, y: number): Shape {
  const d = `M${x - 16} ${y + 17}L${x + 16} ${y - 17}M${x - 16} ${y - 17}L${x + 16} ${y + 17}`;
  return { shape: 'path', d, stroke: 'stop', strokeWidth: 3 };
}

/**
 * Half a plug: pins stick out of it, sockets lie within it.
 *
 * @param turn - 1 opens to the right, -1 to the left
 */
function half(at: number, y: number, gender: 'pin' | 'socket', turn: 1 | -1, ink: keyof SceneTones): Shape[] {
  const shell = 12;
  const look = { stroke: ink, strokeWidth: 2 };
  const fill = gender === 'socket' ? ink : 'sheet';
  return [
    { shape: 'rect', x: turn === 1 ? at : at - shell, y: y - 9, width: shell, height: 18, fill, ...look },
    ...(gender === 'pin'
      ? [-4, 4].map((off) =>
          polyline(
            [
              [at + turn * shell, y + off],
              [at + turn * (shell + 7), y + off],
            ],
            look,
          ),
        )
      : []),
  ];
}

/** As much of a name as there is room for. */
function short(text: string, px: number): string {
  const most = Math.max(4, Math.floor((px - 10) / 6));
  return text.length > most ? `${text.slice(0, most - 1)}…` : text;
}
