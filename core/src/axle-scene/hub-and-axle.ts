import { box, type Shape } from '../scene';
import type { Frame } from './frame';

/** From one turn of the thread to the next, in mm: as drawn. */
const pitchMm = 1.75;

/** The axle with its threads. */
export function axle({ scale: { x, y }, layout, data }: Frame): Shape[] {
  const radius = data.input.hub.threadMm / 2;
  const from = data.input.hub.threadFromMm;
  const threads = (['left', 'right'] as const).flatMap((side) => {
    const outwards = side === 'left' ? -1 : 1;
    const start = layout.shoulders[side] + outwards * (from?.[side] ?? 0);
    const [low, high] = [Math.min(start, layout.ends[side]), Math.max(start, layout.ends[side])];
    const turns = Math.max(0, Math.floor((high - low) / pitchMm));
    return Array.from({ length: turns }, (_, index) => low + (index + 0.5) * pitchMm);
  });
  const lines = threads.map((at) => `M${x(at + 0.4)} ${y(radius)}L${x(at - 0.4)} ${y(-radius)}`);
  return [
    box([x(layout.ends.left), y(radius)], [x(layout.ends.right), y(-radius)], 'metal', { strokeWidth: 1.5 }),
    ...(lines.length > 0
      ? [
          {
            shape: 'path' as const,
            d: lines.join(''),
            stroke: 'soft' as const,
            strokeWidth: 0.7,
            fill: 'none' as const,
          },
        ]
      : []),
  ];
}

/** Shoulders and the motor's cover, cut off where the drawing ends. */
export function hub({ scale: { x, y }, stretch, layout, data }: Frame): Shape {
  const cover = Math.min(data.wheel.coverDiameterMm / 2, stretch.upMm - 6);
  const below = Math.min(data.wheel.coverDiameterMm / 2, stretch.downMm - 16);
  const { left, right } = layout.shoulders;
  const halfCover = Math.min(data.wheel.coverWidthMm / 2, (right - left) / 2 - 3);
  const middle = (left + right) / 2;
  const neck = 17;
  const points = [
    [left, neck],
    [middle - halfCover - 4, neck + 5],
    [middle - halfCover, cover],
    [middle + halfCover, cover],
    [middle + halfCover + 4, neck + 5],
    [right, neck],
    [right, -neck],
    [middle + halfCover + 4, -neck - 5],
    [middle + halfCover, -below],
    [middle - halfCover, -below],
    [middle - halfCover - 4, -neck - 5],
    [left, -neck],
  ] as const;
  const corners = points.map(([px, py]) => `${x(px).toFixed(1)} ${y(py).toFixed(1)}`);
  return { shape: 'path', d: `M${corners.join('L')}z`, fill: 'sheet', stroke: 'ink', strokeWidth: 1.5 };
}
