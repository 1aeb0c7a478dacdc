import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';
import { useTones } from '../../ui/tones';
import type { CrankScene, SectionPart } from './crank-scene';

export interface CrankSectionProps {
  scene: CrankScene;
  names: Record<SectionPart, string>;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
}

const height = 190;
const margin = 24;
const middleY = 92;
const halfHeights: Record<SectionPart, number> = { frame: 46, sensor: 20, ring: 34, crank: 56 };

/** A section beside the frame, to scale outwards: the frame's face, sensor, gap, ring, what is to spare, and the crank on its axle. */
export function CrankSection({ scene, names, width, label }: CrankSectionProps) {
  const tones = useTones();
  const scale = (width - 2 * margin) / (scene.toMm - scene.fromMm);
  const x = (mm: number) => margin + (mm - scene.fromMm) * scale;
  const fills: Record<SectionPart, string> = {
    frame: tones.metal,
    sensor: tones.lime,
    ring: tones.soft,
    crank: tones.metal,
  };
  return (
    <View role="img" aria-label={label} style={{ width, height }}>
      <Svg width={width} height={height} aria-hidden>
        <Rect
          x={x(scene.fromMm)}
          y={middleY - 9}
          width={x(scene.toMm) - x(scene.fromMm)}
          height={18}
          fill={tones.sheet}
          stroke={tones.ink}
          strokeWidth={1}
        />
        {scene.parts.map(({ part, fromMm, toMm }) => (
          <Rect
            key={part}
            x={x(fromMm)}
            y={middleY - halfHeights[part]}
            width={Math.max(2, x(toMm) - x(fromMm))}
            height={2 * halfHeights[part]}
            fill={fills[part]}
            stroke={tones.ink}
            strokeWidth={1.5}
          />
        ))}
        {scene.parts.map(({ part, fromMm, toMm }, index) => (
          <SvgTxt
            key={part}
            x={(x(fromMm) + x(toMm)) / 2}
            y={index % 2 === 0 ? 22 : height - 30}
            fontSize={12}
            textAnchor="middle"
            fill={tones.ink}
          >
            {names[part]}
          </SvgTxt>
        ))}
        {scene.gaps.map(({ fromMm, toMm }) => (
          <Line
            key={fromMm}
            x1={x(fromMm)}
            y1={height - 16}
            x2={x(toMm)}
            y2={height - 16}
            stroke={tones.ink}
            strokeWidth={2}
          />
        ))}
        {scene.gaps.map(({ fromMm, toMm, mm }) => (
          <SvgTxt
            key={fromMm}
            x={(x(fromMm) + x(toMm)) / 2}
            y={height - 3}
            fontSize={12}
            textAnchor="middle"
            fill={tones.ink}
          >
            {String(Number(mm.toFixed(1)))}
          </SvgTxt>
        ))}
      </Svg>
    </View>
  );
}
