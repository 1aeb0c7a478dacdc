import Svg, { Circle, Line, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import type { TruingDraft } from './truing-draft';
import { words } from './words';

/** One bar a spoke, once round: how far it is from the mean, left spokes hatched thin, right ones full. */
export function RoundChart({ draft, strays, width }: { draft: TruingDraft; strays: number[]; width: number }) {
  const tones = useTones();
  const { spokes, reading, at } = draft;
  const height = 130;
  const step = (width - 24) / spokes.length;
  const middle = height / 2;
  const mean = (side: 'left' | 'right' | null) => {
    const values = spokes.flatMap((spoke) =>
      (side === null || spoke.side === side) && spoke[reading] !== undefined ? [spoke[reading]] : [],
    );
    return values.length ? values.reduce((sum, value) => sum + value, 0) / values.length : 0;
  };
  const centre = { left: mean('left'), right: mean('right'), both: mean(null) };
  const off = spokes.map((spoke) => {
    const value = spoke[reading];
    if (value === undefined) return null;
    return value - (reading === 'tensionN' ? centre[spoke.side] : centre.both);
  });
  const largest = Math.max(reading === 'tensionN' ? 50 : 0.2, ...off.map((value) => Math.abs(value ?? 0)));
  return (
    <Svg width={width} height={height} accessibilityLabel={words.chartSpoken(at + 1, spokes.length)} role="img">
      <Line x1={12} x2={width - 12} y1={middle} y2={middle} stroke={tones.ink} strokeWidth={1} />
      {off.map((value, index) => {
        const x = 12 + index * step;
        const tall = value === null ? 0 : (Math.abs(value) / largest) * (middle - 14);
        const astray = strays.includes(index + 1);
        return value === null ? (
          <Circle key={index} cx={x + step / 2} cy={middle} r={1.5} fill={tones.soft} />
        ) : (
          <Rect
            key={index}
            x={x + step * (spokes[index]!.side === 'left' ? 0.3 : 0.15)}
            width={step * (spokes[index]!.side === 'left' ? 0.4 : 0.7)}
            y={value > 0 ? middle - tall : middle}
            height={Math.max(1, tall)}
            fill={astray ? tones.work : tones.ink}
          />
        );
      })}
      <Rect x={12 + at * step} y={4} width={step} height={height - 8} fill="none" stroke={tones.ink} strokeWidth={2} />
    </Svg>
  );
}
