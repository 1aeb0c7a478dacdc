import Svg, { Circle, Defs, Line, Path, Pattern, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';

/** Ink on paper, whatever the theme: these go to the printer. */
const ink = '#23271F';
const label = { fontSize: 4, fontFamily: 'Barlow Condensed', fontWeight: '500', fill: ink } as const;

/** A drawing whose units are millimetres on paper. */
function OnPaper({
  widthMm,
  heightMm,
  name,
  children,
}: {
  widthMm: number;
  heightMm: number;
  name: string;
  children: React.ReactNode;
}) {
  return (
    <Svg
      width={`${widthMm}mm`}
      height={`${heightMm}mm`}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      role="img"
      aria-label={name}
    >
      {children}
    </Svg>
  );
}

/** A line to lay a rule on. */
export function ScaleCheck({ name }: { name: string }) {
  return (
    <OnPaper widthMm={110} heightMm={16} name={name}>
      <Path d="M5 8H105M5 3V13M105 3V13" stroke={ink} strokeWidth={0.3} fill="none" />
      {[1, 2, 3, 4, 5, 6, 7, 8, 9].map((tick) => (
        <Line key={tick} x1={5 + 10 * tick} y1={6} x2={5 + 10 * tick} y2={10} stroke={ink} strokeWidth={0.3} />
      ))}
      <SvgTxt x={55} y={15} textAnchor="middle" {...label}>
        {name}
      </SvgTxt>
    </OnPaper>
  );
}

const gaugeMm = [9, 9.5, 9.8, 10, 10.2, 10.5];

/** Tongues of known width, around the flats. */
export function FlatsGauge({ name }: { name: string }) {
  const pitch = 17;
  return (
    <OnPaper widthMm={gaugeMm.length * pitch + 6} heightMm={40} name={name}>
      {gaugeMm.map((widthMm, index) => {
        const x = 4 + index * pitch;
        return (
          <Rect key={widthMm} x={x} y={2} width={widthMm} height={30} fill="none" stroke={ink} strokeWidth={0.25} />
        );
      })}
      {gaugeMm.map((widthMm, index) => (
        <SvgTxt key={widthMm} x={4 + index * pitch + widthMm / 2} y={38} textAnchor="middle" {...label}>
          {widthMm}
        </SvgTxt>
      ))}
    </OnPaper>
  );
}

export interface SlotTemplateProps {
  name: string;
  slotMm: number;
  fileMm: number;
  depthMm: number;
  threadMm: number;
  flatsMm: number;
  /** Axle centre above the bottom of the seat. */
  centreMm: number;
  round: boolean;
}

/** One slot, mouth down, with the axle where it will sit. */
export function SlotTemplate({ name, slotMm, fileMm, depthMm, threadMm, flatsMm, centreMm, round }: SlotTemplateProps) {
  const middle = 25;
  const top = 12;
  const half = slotMm / 2;
  const filed = (slotMm + fileMm) / 2;
  const seat = (width: number) =>
    round ? `A${width} ${width} 0 0 1 ${middle + width} ${top + width}` : `V${top}H${middle + width}V${top + width}`;
  const outline = (width: number) =>
    `M${middle - width} ${top + depthMm}V${top + (round ? width : 0)}${round ? seat(width) : `H${middle + width}`}V${top + depthMm}`;
  const axleY = top + centreMm;
  const chord = Math.sqrt(threadMm ** 2 - flatsMm ** 2) / 2;
  return (
    <OnPaper widthMm={50} heightMm={depthMm + 24} name={name}>
      <Defs>
        <Pattern id="filed" width={1.2} height={1.2} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1={0} y1={0} x2={0} y2={1.2} stroke={ink} strokeWidth={0.25} />
        </Pattern>
      </Defs>
      <Path d={`${outline(filed)}Z`} fill={fileMm > 0 ? 'url(#filed)' : 'none'} stroke={ink} strokeWidth={0.2} />
      <Path d={`${outline(half)}`} fill="#fff" stroke={ink} strokeWidth={0.3} />
      <Path
        d={`M${middle - flatsMm / 2} ${axleY - chord}A${threadMm / 2} ${threadMm / 2} 0 0 1 ${middle + flatsMm / 2} ${axleY - chord}V${axleY + chord}A${threadMm / 2} ${threadMm / 2} 0 0 1 ${middle - flatsMm / 2} ${axleY + chord}Z`}
        fill="none"
        stroke={ink}
        strokeWidth={0.3}
        strokeDasharray="1.4 0.8"
      />
      <Path d={`M${middle - 3} ${axleY}h6M${middle} ${axleY - 3}v6`} stroke={ink} strokeWidth={0.2} />
    </OnPaper>
  );
}

export interface ArmTemplateProps {
  name: string;
  lengthMm: number;
  widthMm: number;
  threadMm: number;
  flatsMm: number;
}

/** The arm flat on paper: its hole over the flats, its end at the clamp. */
export function ArmTemplate({ name, lengthMm, widthMm, threadMm, flatsMm }: ArmTemplateProps) {
  const middle = widthMm / 2 + 4;
  const chord = Math.sqrt(threadMm ** 2 - flatsMm ** 2) / 2;
  const x = widthMm / 2 + 4;
  return (
    <OnPaper widthMm={lengthMm + widthMm + 8} heightMm={widthMm + 8} name={name}>
      <Rect
        x={4}
        y={4}
        width={lengthMm + widthMm}
        height={widthMm}
        rx={widthMm / 2}
        fill="none"
        stroke={ink}
        strokeWidth={0.3}
      />
      <Path
        d={`M${x - chord} ${middle - flatsMm / 2}H${x + chord}A${threadMm / 2} ${threadMm / 2} 0 0 1 ${x + chord} ${middle + flatsMm / 2}H${x - chord}A${threadMm / 2} ${threadMm / 2} 0 0 1 ${x - chord} ${middle - flatsMm / 2}Z`}
        fill="none"
        stroke={ink}
        strokeWidth={0.3}
      />
      <Circle cx={x + lengthMm} cy={middle} r={2.5} fill="none" stroke={ink} strokeWidth={0.3} />
      <SvgTxt x={x + lengthMm / 2} y={middle + 1.4} textAnchor="middle" {...label}>
        {`${Math.round(lengthMm)} mm`}
      </SvgTxt>
    </OnPaper>
  );
}
