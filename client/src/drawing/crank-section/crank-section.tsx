import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';
import { useTones, type Tones } from '../../ui/tones';
import type { CrankScene, SectionPart } from './crank-scene';

export interface CrankSectionProps {
  scene: CrankScene;
  names: Record<SectionPart | 'marked' | 'forward', string>;
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
        <Forward at={x(scene.toMm) - 9} tone={tones.ink} says={names.forward} />
        {scene.markedMm === null ? null : (
          <MarkedFace
            at={x(scene.markedMm)}
            towards={scene.markedMm <= ringMiddle(scene) ? -1 : 1}
            tones={tones}
            says={names.marked}
          />
        )}
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

function ringMiddle({ parts }: CrankScene): number {
  const ring = parts.find(({ part }) => part === 'ring')!;
  return (ring.fromMm + ring.toMm) / 2;
}

/** Pedalled forwards the top of the crank goes away from who looks from behind: a cross in a ring. */
function Forward({ at, tone, says }: { at: number; tone: string; says: string }) {
  const y = 18;
  return (
    <>
      <Circle cx={at} cy={y} r={7} fill="none" stroke={tone} strokeWidth={1.5} />
      <Path d={`M ${at - 5} ${y - 5} l 10 10 M ${at + 5} ${y - 5} l -10 10`} stroke={tone} strokeWidth={1.5} />
      <SvgTxt x={at - 12} y={y + 4} fontSize={11} textAnchor="end" fill={tone}>
        {says}
      </SvgTxt>
    </>
  );
}

interface MarkedFaceProps {
  at: number;
  /** To which side the face looks. */
  towards: -1 | 1;
  tones: Tones;
  says: string;
}

/** The ring's marked face, with an arrow to where it looks. */
function MarkedFace({ at, towards, tones, says }: MarkedFaceProps) {
  const y = middleY - halfHeights.frame - 8;
  const tip = at + towards * 14;
  return (
    <>
      <Line x1={at} y1={y} x2={at} y2={middleY + halfHeights.ring} stroke={tones.lime} strokeWidth={4} />
      <Path
        d={`M ${at} ${y} L ${tip} ${y} m ${-towards * 6} -4 l ${towards * 6} 4 l ${-towards * 6} 4`}
        fill="none"
        stroke={tones.ink}
        strokeWidth={1.8}
      />
      <SvgTxt x={tip + towards * 4} y={y + 4} fontSize={11} textAnchor={towards < 0 ? 'end' : 'start'} fill={tones.ink}>
        {says}
      </SvgTxt>
    </>
  );
}
