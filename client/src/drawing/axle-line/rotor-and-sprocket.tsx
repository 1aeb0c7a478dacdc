import { G, Rect } from 'react-native-svg';

import type { Piece } from './drawing-scale';

/** The rotor, and the caliper that it should run in. */
export function Rotor({ draw: { tones, x, y, box }, layout }: Piece) {
  if (!layout.rotor) return null;
  const { fromMm, toMm, wantedFromMm, wantedToMm } = layout.rotor;
  const pad = 3.2;
  const tip = box.upMm - 10;
  return (
    <G>
      <Rect
        x={x(wantedFromMm - pad)}
        y={0}
        width={x(wantedFromMm - 0.2) - x(wantedFromMm - pad)}
        height={y(tip - 16)}
        fill={tones.sheet}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
      <Rect
        x={x(wantedToMm + 0.2)}
        y={0}
        width={x(wantedToMm + pad) - x(wantedToMm + 0.2)}
        height={y(tip - 16)}
        fill={tones.sheet}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
      <Rect
        x={x(fromMm)}
        y={y(tip)}
        width={Math.max(1.5, x(toMm) - x(fromMm))}
        height={y(-20) - y(tip)}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
    </G>
  );
}

/** The smallest sprockets, the outermost where its outer face is. */
export function Sprocket({ draw: { tones, x, y, scale }, layout }: Piece) {
  if (layout.sprocketMm === null) return null;
  return (
    <G>
      {[0, 1, 2].map((index) => (
        <Rect
          key={index}
          x={x(layout.sprocketMm! - 1.8 - index * 4.4)}
          y={y(22 + index * 5)}
          width={1.8 * scale}
          height={(44 + index * 10) * scale}
          fill={tones.metal}
          stroke={tones.ink}
          strokeWidth={1}
        />
      ))}
    </G>
  );
}
