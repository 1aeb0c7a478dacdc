import Svg, { Circle, Line, Path } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { words } from './words';
import { SvgTxt } from '../../ui/svg-txt';

export interface CadenceChartProps {
  /** Wheel turns per crank turn. */
  ratio: number;
  circumferenceMm: number;
  assistedKmh: number;
  width: number;
}

const height = 170;
const topRpm = 120;

/** Speed over cadence on one gear, with the speed up to which the motor helps. */
export function CadenceChart({ ratio, circumferenceMm, assistedKmh, width }: CadenceChartProps) {
  const tones = useTones();
  const kmh = (rpm: number) => (rpm * 60 * circumferenceMm * ratio) / 1e6;
  const topKmh = Math.max(kmh(topRpm), assistedKmh * 1.2);
  const x = (rpm: number) => 48 + (rpm / topRpm) * (width - 66);
  const y = (speed: number) => height - 30 - (speed / topKmh) * (height - 46);
  const there = (assistedKmh / kmh(1)) * 1;
  const label = { fontSize: 15, fontFamily: 'Barlow Condensed', fontWeight: '500', fill: tones.ink } as const;
  return (
    <Svg width={width} height={height} aria-hidden>
      <Path d={`M${x(0)} ${y(topKmh)}V${y(0)}H${x(topRpm)}`} stroke={tones.ink} strokeWidth={1.8} fill="none" />
      {[0, 30, 60, 90, 120].map((rpm) => (
        <SvgTxt key={rpm} x={x(rpm)} y={height - 12} textAnchor="middle" {...label}>
          {rpm === 120 ? words.rpm : rpm}
        </SvgTxt>
      ))}
      <Line x1={x(0)} y1={y(0)} x2={x(topRpm)} y2={y(kmh(topRpm))} stroke={tones.ink} strokeWidth={2.5} />
      <Line
        x1={x(0)}
        y1={y(assistedKmh)}
        x2={x(topRpm)}
        y2={y(assistedKmh)}
        stroke={tones.stop}
        strokeWidth={1.8}
        strokeDasharray="8 5"
      />
      <SvgTxt x={42} y={y(assistedKmh) + 5} textAnchor="end" {...label}>
        {assistedKmh}
      </SvgTxt>
      {there <= topRpm ? (
        <Circle cx={x(there)} cy={y(assistedKmh)} r={6} fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
      ) : null}
    </Svg>
  );
}
