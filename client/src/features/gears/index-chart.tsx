import Svg, { Circle, Line, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { SvgTxt } from '../../ui/svg-txt';

export interface IndexChartProps {
  errorsMm: readonly number[];
  goesMm: number;
  workMm: number;
  width: number;
}

const height = 190;

/** How far the derailleur stands off each sprocket at the best cable setting. */
export function IndexChart({ errorsMm, goesMm, workMm, width }: IndexChartProps) {
  const tones = useTones();
  const most = Math.max(workMm * 1.25, ...errorsMm.map((error) => Math.abs(error) * 1.1));
  const y = (mm: number) => height / 2 - (mm / most) * (height / 2 - 22);
  const step = (width - 90) / Math.max(1, errorsMm.length);
  const x = (at: number) => 58 + step * (at + 0.5);
  const label = { fontSize: 15, fontFamily: 'Barlow Condensed', fontWeight: '500', fill: tones.ink } as const;
  return (
    <Svg width={width} height={height} aria-hidden>
      <Rect x={52} y={y(goesMm)} width={width - 64} height={y(-goesMm) - y(goesMm)} fill={tones.metal} />
      {[workMm, goesMm, 0, -goesMm, -workMm].map((mm) => (
        <Line
          key={mm}
          x1={52}
          y1={y(mm)}
          x2={width - 12}
          y2={y(mm)}
          stroke={tones.ink}
          strokeWidth={mm === 0 ? 1.8 : 1}
          strokeDasharray={mm === 0 ? undefined : '6 4'}
        />
      ))}
      {[workMm, 0, -workMm].map((mm) => (
        <SvgTxt key={mm} x={46} y={y(mm) + 5} textAnchor="end" {...label}>
          {mm > 0 ? `+${mm}` : String(mm)}
        </SvgTxt>
      ))}
      {errorsMm.map((error, at) => (
        <Line key={`l${at}`} x1={x(at)} y1={y(0)} x2={x(at)} y2={y(error)} stroke={tones.ink} strokeWidth={2} />
      ))}
      {errorsMm.map((error, at) => (
        <Circle
          key={`c${at}`}
          cx={x(at)}
          cy={y(error)}
          r={6}
          fill={Math.abs(error) > workMm ? tones.stop : Math.abs(error) > goesMm ? tones.work : tones.goes}
          stroke={tones.ink}
          strokeWidth={1.5}
        />
      ))}
      {errorsMm.map((_, at) => (
        <SvgTxt key={`t${at}`} x={x(at)} y={height - 3} textAnchor="middle" {...label}>
          {at + 1}
        </SvgTxt>
      ))}
    </Svg>
  );
}
