import type { EndFacts } from '@cricket/core/end-facts';
import type { ArmPlacement } from '@cricket/core/arm-fit';
import Svg, { Circle, Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { words } from './words';
import { SvgTxt } from '../../ui/svg-txt';

export interface ArmDrawingProps {
  arm: ArmPlacement | null;
  facts: EndFacts;
  /** Arm length as pushed on the slider. */
  lengthMm: number;
  clampN: number | null;
  width: number;
}

/** The arm from the side: slot, blade, where it may be clamped, and the arm on it; to scale, blade upright. */
export function ArmDrawing({ arm, facts, lengthMm, clampN, width }: ArmDrawingProps) {
  const tones = useTones();
  const value = (id: string) => facts.lengths.get(id)?.valueMm ?? null;
  const from = value('clamp-from') ?? 60;
  const to = value('clamp-to') ?? 180;
  const bladeMm = value('blade-width') ?? 20;
  const slotLine = value('slot-line') ?? 0;
  const height = 250;
  const scale = (height - 60) / Math.max(to, lengthMm, 120);
  const middle = width / 2;
  const axleY = height - 40;
  const up = (mm: number) => axleY - mm * scale;
  const half = (bladeMm / 2) * scale;
  const lean = Math.atan2(slotLine, 100);
  const armDeg = arm ? arm.armDeg : 90;
  const angle = (armDeg * Math.PI) / 180;
  const endX = middle + lengthMm * scale * Math.cos(angle);
  const endY = axleY - lengthMm * scale * Math.sin(angle);
  const label = { fontSize: 15, fontFamily: 'Barlow Condensed', fontWeight: '500', fill: tones.ink } as const;
  return (
    <Svg width={width} height={height} aria-hidden>
      <Defs>
        <Pattern id="blade-cut" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={7} height={7} fill={tones.sheet} />
          <Line x1={0} y1={0} x2={0} y2={7} stroke={tones.soft} strokeWidth={1.4} />
        </Pattern>
      </Defs>
      <Path
        d={`M${middle - half} 0V${up(26)}L${middle - 16} ${up(-14)}H${middle + 16}L${middle + half} ${up(26)}V0Z`}
        fill="url(#blade-cut)"
        stroke={tones.ink}
        strokeWidth={2}
      />
      <G transform={`rotate(${(-lean * 180) / Math.PI} ${middle} ${axleY})`}>
        <Rect
          x={middle - 5}
          y={axleY - 6}
          width={10}
          height={30}
          fill={tones.paper}
          stroke={tones.ink}
          strokeWidth={1.5}
        />
      </G>
      <Path
        d={`M${middle + half + 14} ${up(to)}V${up(from)}M${middle + half + 8} ${up(to)}h12M${middle + half + 8} ${up(from)}h12`}
        stroke={tones.ink}
        strokeWidth={1.5}
      />
      <SvgTxt x={middle + half + 24} y={(up(from) + up(to)) / 2 + 5} {...label}>
        {`${Math.round(from)}–${Math.round(to)} mm`}
      </SvgTxt>
      {arm ? (
        <>
          <Line x1={middle} y1={axleY} x2={endX} y2={endY} stroke={tones.ink} strokeWidth={19} strokeLinecap="round" />
          <Line x1={middle} y1={axleY} x2={endX} y2={endY} stroke={tones.lime} strokeWidth={15} strokeLinecap="round" />
          <Rect
            x={endX - half - 5}
            y={endY - 7}
            width={2 * half + 10}
            height={14}
            fill="none"
            stroke={tones.ink}
            strokeWidth={2.5}
          />
          {clampN === null ? null : (
            <>
              <Path
                d={`M${endX - half - 70} ${endY}h52m-10 -6l10 6l-10 6`}
                stroke={tones.stop}
                strokeWidth={2.5}
                fill="none"
              />
              <SvgTxt x={endX - half - 74} y={endY - 10} {...label}>
                {`${Math.round(clampN)} N`}
              </SvgTxt>
            </>
          )}
        </>
      ) : (
        <SvgTxt x={12} y={20} {...label}>
          {words.noArm}
        </SvgTxt>
      )}
      <Circle cx={middle} cy={axleY} r={6 * scale + 3} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
    </Svg>
  );
}
