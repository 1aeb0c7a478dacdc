import { within } from '../../ui/say';
import type { Wheel } from '@cricket/core/parts';
import Svg, { Circle, Path, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { words } from './words';
import { SvgTxt } from '../../ui/svg-txt';

/** The axle's end seen from outside: flats, mark, cable leaving downwards with its drip loop. */
export function CableExit({
  wheel,
  size = 150,
}: {
  wheel: Pick<Wheel, 'axle' | 'downMark' | 'cableExit'>;
  size?: number;
}) {
  const tones = useTones();
  const scale = 46 / wheel.axle.threadMm;
  const radius = (wheel.axle.threadMm / 2) * scale;
  const half = (wheel.axle.flatsMm / 2) * scale;
  const chord = Math.sqrt(Math.max(0, radius ** 2 - half ** 2));
  return (
    <Svg
      width={size}
      height={size}
      viewBox="0 0 150 150"
      role="img"
      aria-label={`${words.cable(words[wheel.cableExit])}; ${words.down[wheel.downMark]}`}
    >
      <Circle cx={75} cy={56} r={44} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      <Path
        d={`M${75 - half} ${56 - chord}A${radius} ${radius} 0 0 1 ${75 + half} ${56 - chord}V${56 + chord}A${radius} ${radius} 0 0 1 ${75 - half} ${56 + chord}z`}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={2}
      />
      {wheel.downMark === 'arrow' ? (
        <Path d="M75 46v18M68 58l7 9 7-9" stroke={tones.ink} strokeWidth={2.5} fill="none" />
      ) : null}
      {wheel.downMark === 'notch' ? <Rect x={70} y={66} width={10} height={12} fill={tones.ink} /> : null}
      <Path
        d="M75 66c0 30 0 48 18 56 22 10 34-4 30-24"
        fill="none"
        stroke={tones.ink}
        strokeWidth={6}
        strokeLinecap="round"
      />
      <Path
        d="M75 66c0 30 0 48 18 56 22 10 34-4 30-24"
        fill="none"
        stroke={tones.lime}
        strokeWidth={2.5}
        strokeLinecap="round"
      />
      <Path d="M22 92v36M14 118l8 12 8-12" stroke={tones.ink} strokeWidth={2} fill="none" />
      <SvgTxt x={8} y={147} fill={tones.soft} fontFamily="Barlow Condensed" fontSize={15}>
        {within(words.downTitle)}
      </SvgTxt>
    </Svg>
  );
}
