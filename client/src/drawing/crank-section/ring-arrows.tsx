import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';

import { Txt } from '../../ui/txt';
import { useTones } from '../../ui/tones';

const size = 84;
const middle = size / 2;
const radius = 30;

export interface RingArrowsProps {
  /** What each of the two is made for. */
  names: { clockwise: string; anticlockwise: string };
}

/** A sensor ring with its marked face to the eye, once with its arrow either way round. */
export function RingArrows({ names }: RingArrowsProps) {
  return (
    <View className="flex-row gap-6">
      {(['clockwise', 'anticlockwise'] as const).map((turn) => (
        <View key={turn} className="items-center gap-1">
          <Ring isClockwise={turn === 'clockwise'} />
          <Txt size="label">{names[turn]}</Txt>
        </View>
      ))}
    </View>
  );
}

function Ring({ isClockwise }: { isClockwise: boolean }) {
  const tones = useTones();
  const end = isClockwise ? 1 : -1;
  // Over the top, from one side to the other.
  const [fromX, toX] = [middle - end * radius * 0.8, middle + end * radius * 0.8];
  const y = middle - radius * 0.6;
  return (
    <Svg width={size} height={size} aria-hidden>
      <Circle cx={middle} cy={middle} r={radius + 8} fill={tones.soft} stroke={tones.ink} strokeWidth={1.5} />
      <Circle cx={middle} cy={middle} r={12} fill={tones.sheet} stroke={tones.ink} strokeWidth={1.5} />
      <Path
        d={`M ${fromX} ${y} A ${radius} ${radius} 0 0 ${isClockwise ? 1 : 0} ${toX} ${y}`}
        fill="none"
        stroke={tones.lime}
        strokeWidth={5}
      />
      <Path
        d={`M ${toX - end * 11} ${y - 3} L ${toX + end * 3} ${y + 6} L ${toX - end * 1} ${y - 11} Z`}
        fill={tones.lime}
      />
    </Svg>
  );
}
