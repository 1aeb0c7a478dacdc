import type { PathElement } from '@cricket/core/power-path';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';

export type LineSymbol = PathElement['kind'] | 'wire' | 'battery' | 'controller' | 'motor';

const width = 44;
const middle = width / 2;

/** One piece of the way of the current, top to bottom: what is one below the other joins into one line. */
export function ElementSymbol({ of, height, stopped }: { of: LineSymbol; height: number; stopped: boolean }) {
  const tones = useTones();
  const ink = stopped ? tones.stop : tones.ink;
  const y = height / 2;
  const wire = (from: number, to: number) => (
    <Line x1={middle} y1={from} x2={middle} y2={to} stroke={tones.ink} strokeWidth={3} />
  );
  return (
    <Svg width={width} height={height} aria-hidden>
      {of === 'battery' ? null : wire(0, y)}
      {of === 'motor' ? null : wire(y, height)}
      {of === 'battery' ? (
        <>
          <Rect x={8} y={y - 18} width={28} height={36} fill={tones.lime} stroke={ink} strokeWidth={2} />
          <Rect x={16} y={y - 22} width={12} height={4} fill={ink} />
        </>
      ) : null}
      {of === 'lead' ? <Line x1={middle} y1={y - 16} x2={middle} y2={y + 16} stroke={ink} strokeWidth={8} /> : null}
      {of === 'connector' ? (
        <>
          <Rect x={middle - 11} y={y - 14} width={22} height={11} fill={tones.sheet} stroke={ink} strokeWidth={2} />
          <Rect x={middle - 8} y={y + 1} width={16} height={13} fill={ink} />
        </>
      ) : null}
      {of === 'joint' ? <Circle cx={middle} cy={y} r={8} fill={tones.sheet} stroke={ink} strokeWidth={3} /> : null}
      {of === 'fuse' ? (
        <>
          <Rect x={middle - 9} y={y - 15} width={18} height={30} fill={tones.sheet} stroke={ink} strokeWidth={2} />
          <Line x1={middle} y1={y - 15} x2={middle} y2={y + 15} stroke={ink} strokeWidth={1.5} />
        </>
      ) : null}
      {of === 'switch' ? (
        <>
          <Line x1={middle} y1={y - 14} x2={middle} y2={y + 14} stroke={tones.paper} strokeWidth={5} />
          <Circle cx={middle} cy={y - 14} r={4} fill={ink} />
          <Circle cx={middle} cy={y + 14} r={4} fill={ink} />
          <Line x1={middle} y1={y + 14} x2={middle + 13} y2={y - 9} stroke={ink} strokeWidth={3} />
        </>
      ) : null}
      {of === 'controller' ? (
        <Path
          d={`M 8 ${y - 16} H 36 V ${y + 16} H 8 Z M 14 ${y - 8} H 30 M 14 ${y} H 30 M 14 ${y + 8} H 30`}
          fill={tones.metal}
          stroke={ink}
          strokeWidth={2}
        />
      ) : null}
      {of === 'phase' ? (
        <>
          <Line x1={middle} y1={y - 16} x2={middle} y2={y + 16} stroke={tones.paper} strokeWidth={5} />
          {[-7, 0, 7].map((off) => (
            <Line key={off} x1={middle + off} y1={y - 16} x2={middle + off} y2={y + 16} stroke={ink} strokeWidth={3} />
          ))}
          <Line x1={middle - 7} y1={y - 16} x2={middle + 7} y2={y - 16} stroke={ink} strokeWidth={3} />
          <Line x1={middle - 7} y1={y + 16} x2={middle + 7} y2={y + 16} stroke={ink} strokeWidth={3} />
        </>
      ) : null}
      {of === 'motor' ? (
        <>
          <Circle cx={middle} cy={y} r={17} fill={tones.metal} stroke={ink} strokeWidth={2} />
          <Circle cx={middle} cy={y} r={5} fill={tones.sheet} stroke={ink} strokeWidth={2} />
        </>
      ) : null}
    </Svg>
  );
}
