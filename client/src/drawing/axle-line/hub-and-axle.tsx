import { G, Line, Path, Rect } from 'react-native-svg';

import type { Piece } from './drawing-scale';

/** The axle with its threads. */
export function Axle({ draw: { tones, x, y, scale }, layout, data }: Piece) {
  const radius = data.input.hub.threadMm / 2;
  const from = data.input.hub.threadFromMm;
  const threads = (['left', 'right'] as const).map((side) => {
    const outwards = side === 'left' ? -1 : 1;
    const start = layout.shoulders[side] + outwards * (from?.[side] ?? 0);
    const [low, high] = [Math.min(start, layout.ends[side]), Math.max(start, layout.ends[side])];
    const step = 1.75;
    return Array.from(
      { length: Math.max(0, Math.floor((high - low) / step)) },
      (_, index) => low + (index + 0.5) * step,
    );
  });
  return (
    <G>
      <Rect
        x={x(layout.ends.left)}
        y={y(radius)}
        width={x(layout.ends.right) - x(layout.ends.left)}
        height={2 * radius * scale}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={1.5}
      />
      {threads.flat().map((at) => (
        <Line
          key={at}
          x1={x(at + 0.4)}
          x2={x(at - 0.4)}
          y1={y(radius)}
          y2={y(-radius)}
          stroke={tones.soft}
          strokeWidth={0.7}
        />
      ))}
    </G>
  );
}

/** Shoulders and the motor's cover, cut off where the drawing ends. */
export function Hub({ draw: { tones, x, y, box }, layout, data }: Piece) {
  const cover = Math.min(data.wheel.coverDiameterMm / 2, box.upMm - 6);
  const below = Math.min(data.wheel.coverDiameterMm / 2, box.downMm - 16);
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
  return (
    <Path
      d={`M${points.map(([px, py]) => `${x(px).toFixed(1)} ${y(py).toFixed(1)}`).join('L')}z`}
      fill={tones.sheet}
      stroke={tones.ink}
      strokeWidth={1.5}
      strokeLinejoin="round"
    />
  );
}
