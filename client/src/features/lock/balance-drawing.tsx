import type { TorqueReactionResult } from '@cricket/core/torque-reaction';
import Svg, { Defs, Line, Path, Pattern, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { words } from './words';
import { SvgTxt } from '../../ui/svg-txt';

export interface BalanceDrawingProps {
  result: TorqueReactionResult;
  /** Motor torque, as it is and with its factor. */
  plainNm: number;
  factoredNm: number;
  leastTight: number;
  width: number;
}

const rowHeight = 74;

/** Two beams, nuts tight and nuts slack: what holds, laid end to end, against the mark that it has to reach. */
export function BalanceDrawing({ result, plainNm, factoredNm, leastTight, width }: BalanceDrawingProps) {
  const tones = useTones();
  const tight = [
    { name: words.friction, nm: result.frictionNm, fill: tones.metal },
    { name: words.slot, nm: result.slotNm, fill: 'url(#slot-hatch)' },
    { name: words.arm, nm: result.armsNm, fill: tones.ink },
  ];
  const slack = tight.slice(1);
  const needTight = factoredNm * leastTight;
  const most = Math.max(needTight, plainNm, result.frictionNm + result.slotNm + result.armsNm) * 1.08 || 1;
  const left = 12;
  const scale = (width - 2 * left) / most;
  const beam = (parts: typeof tight, needNm: number, top: number, name: string) => {
    let x = left;
    const label = { fontSize: 15, fontFamily: 'Barlow Condensed', fontWeight: '600', fill: tones.ink } as const;
    const needX = left + needNm * scale;
    return (
      <>
        <SvgTxt x={left} y={top + 14} {...label}>
          {name}
        </SvgTxt>
        {parts.map((part) => {
          const from = x;
          const wide = part.nm * scale;
          x += wide;
          return (
            <Rect
              key={part.name}
              x={from}
              y={top + 22}
              width={Math.max(0, wide)}
              height={26}
              fill={part.fill}
              stroke={tones.ink}
              strokeWidth={1.5}
            />
          );
        })}
        {parts.map((part, index) => {
          const before = parts.slice(0, index).reduce((sum, { nm }) => sum + nm, 0);
          const wide = part.nm * scale;
          return wide < 44 ? null : (
            <SvgTxt
              key={part.name}
              x={left + before * scale + wide / 2}
              y={top + 64}
              textAnchor="middle"
              {...label}
              fontWeight="500"
            >
              {part.name}
            </SvgTxt>
          );
        })}
        <Line x1={needX} y1={top + 12} x2={needX} y2={top + 56} stroke={tones.stop} strokeWidth={2.5} />
        <Path d={`M${needX - 6} ${top + 8}h12l-6 9z`} fill={tones.stop} />
      </>
    );
  };
  return (
    <Svg width={width} height={2 * rowHeight + 6} aria-hidden>
      <Defs>
        <Pattern id="slot-hatch" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={7} height={7} fill={tones.sheet} />
          <Line x1={0} y1={0} x2={0} y2={7} stroke={tones.ink} strokeWidth={2} />
        </Pattern>
      </Defs>
      {beam(tight, needTight, 0, words.tight)}
      {beam(slack, plainNm, rowHeight, words.slack)}
    </Svg>
  );
}
