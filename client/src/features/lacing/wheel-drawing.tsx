import type { WheelLacingInput } from '@cricket/core/wheel-lacing';
import Svg, { Circle, Line } from 'react-native-svg';

import { useTones } from '../../ui/tones';

/** The wheel with its pattern, drawn from the same figures that its lengths come from. */
export function WheelDrawing({ input, size }: { input: WheelLacingInput; size: number }) {
  const tones = useTones();
  const middle = size / 2;
  const scale = (size / 2 - 12) / (input.erdMm / 2);
  const perSide = input.spokes / 2;
  const at = (radiusMm: number, angle: number): [number, number] => [
    middle + radiusMm * scale * Math.sin(angle),
    middle - radiusMm * scale * Math.cos(angle),
  ];
  const lines = (['left', 'right'] as const).flatMap((side) => {
    const turn = (input.lead * 4 * Math.PI) / input.spokes;
    const shift = side === 'right' ? (2 * Math.PI) / input.spokes : 0;
    return Array.from({ length: perSide }, (_, index) => {
      const rim = (index * 2 * Math.PI) / perSide + shift;
      const lean = input.pattern === 'oneway' ? (side === 'left' ? 1 : -1) : index % 2 ? 1 : -1;
      const [x1, y1] = at(input.erdMm / 2, rim);
      const [x2, y2] = at(input[side].flangeDiameterMm / 2, rim + lean * turn);
      return { key: `${side}${index}`, side, x1, y1, x2, y2 };
    });
  });
  return (
    <Svg width={size} height={size} aria-hidden>
      <Circle cx={middle} cy={middle} r={size / 2 - 8} fill="none" stroke={tones.ink} strokeWidth={7} />
      {[...lines].reverse().map(({ key, side, x1, y1, x2, y2 }) => (
        <Line
          key={key}
          x1={x1}
          y1={y1}
          x2={x2}
          y2={y2}
          stroke={side === 'left' ? tones.ink : tones.soft}
          strokeWidth={side === 'left' ? 1.8 : 1}
        />
      ))}
      <Circle
        cx={middle}
        cy={middle}
        r={(input.left.flangeDiameterMm / 2) * scale}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={2}
      />
      <Circle cx={middle} cy={middle} r={7} fill={tones.paper} stroke={tones.ink} strokeWidth={2} />
    </Svg>
  );
}
