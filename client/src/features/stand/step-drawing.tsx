import { axleRow, type EndJob, type Step } from '@cricket/core/procedure';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';

import { BikeMap } from '../../drawing/bike-map/bike-map';
import type { BikeSize } from '../../drawing/bike-map/frame-shape';
import { Txt } from '../../ui/txt';
import { useTones } from '../../ui/tones';
import { words } from './words';
import { SvgTxt } from '../../ui/svg-txt';
import { say } from '../../ui/say';

export interface StepDrawingProps {
  bike: BikeSize;
  step: Step;
  end: EndJob;
  /** The bike stands on saddle and bar. */
  turned: boolean;
  width: number;
  /** Rotor bolts, one after another. */
  boltOrder: readonly number[];
}

const height = 170;
const noVerdicts = { front: null, rear: null };

/** What matters for the step, drawn as the bike now stands. */
export function StepDrawing(props: StepDrawingProps) {
  const { step, turned } = props;
  const drawing = drawn(props);
  if (!drawing) return null;
  return (
    <View className="border-y-2 border-ink bg-sheet" testID={`drawing-${step.drawing}`}>
      {drawing}
      {step.drawing === 'axle' || step.drawing === 'tab' ? (
        <View className="flex-row justify-between px-4 pb-1">
          {(turned ? [words.ridersRight, words.ridersLeft] : [words.ridersLeft, words.ridersRight]).map((side) => (
            <Txt key={side} size="label" figure tone="soft">
              {side}
            </Txt>
          ))}
        </View>
      ) : null}
      {step.drawing === 'cable' ? (
        <Txt size="label" tone="soft" className="px-4 pb-1">
          {words.cableDown}
        </Txt>
      ) : null}
    </View>
  );
}

function drawn({ bike, step, end, turned, width, boltOrder }: StepDrawingProps) {
  switch (step.drawing) {
    case 'axle':
      return <AxleRow step={step} end={end} turned={turned} width={width} />;
    case 'bolt-star':
      return <BoltStar order={boltOrder} width={width} />;
    case 'rotation':
      return <Rotation turned={turned} width={width} />;
    case 'tab':
      return <Tab turned={turned} width={width} />;
    case 'cable':
      return <Cable turned={turned} width={width} toRight={(end.cableExit === 'right') !== turned} />;
    case 'arm':
      return <Arm turned={turned} width={width} />;
    case 'lacing':
      return <Lacing width={width} />;
    case 'bike':
      return (
        <View style={{ transform: [{ rotate: turned ? '180deg' : '0deg' }] }}>
          <BikeMap bike={bike} width={width} height={height} ends={noVerdicts} selected={end.end} />
        </View>
      );
    case 'none':
      return null;
  }
}

function AxleRow({ step, end, turned, width }: { step: Step; end: EndJob; turned: boolean; width: number }) {
  const tones = useTones();
  const parts = axleRow(end, step.id.split('.')[0]!);
  const shown = turned ? [...parts].reverse() : parts;
  const units = shown.reduce((sum, { wide }) => sum + wide, 0);
  const unit = (width - 24) / units;
  const middle = height / 2 - 8;
  const places = shown.map((_, index) => 12 + unit * shown.slice(0, index).reduce((sum, { wide }) => sum + wide, 0));
  return (
    <Svg width={width} height={height}>
      <Line x1={4} x2={width - 4} y1={middle} y2={middle} stroke={tones.ink} strokeWidth={6} />
      {shown.map((part, index) => {
        const x = places[index]!;
        const tall = part.tall;
        return (
          <G key={part.key}>
            <Rect
              x={x + 1}
              y={middle - tall / 2}
              width={unit * part.wide - 2}
              height={tall}
              fill={part.lit ? tones.lime : tones.metal}
              stroke={tones.ink}
              strokeWidth={part.lit ? 2.5 : 1.2}
            />
            <SvgTxt
              x={x + (unit * part.wide) / 2}
              y={index % 2 ? height - 4 : height - 18}
              fontSize={12}
              fontFamily="Barlow Condensed"
              textAnchor="middle"
              fill={tones.ink}
            >
              {say(part.name)}
            </SvgTxt>
          </G>
        );
      })}
    </Svg>
  );
}

function BoltStar({ order, width }: { order: readonly number[]; width: number }) {
  const tones = useTones();
  const many = order.length;
  const [cx, cy, r] = [width / 2, height / 2, 62];
  const spot = (bolt: number) => {
    const angle = (2 * Math.PI * (bolt - 1)) / many - Math.PI / 2;
    return { x: cx + r * Math.cos(angle), y: cy + r * Math.sin(angle) };
  };
  return (
    <Svg width={width} height={height}>
      <Path
        d={order.map((bolt, index) => `${index ? 'L' : 'M'}${spot(bolt).x} ${spot(bolt).y}`).join(' ')}
        fill="none"
        stroke={tones.rule}
        strokeWidth={2}
      />
      {order.map((bolt, index) => {
        const { x, y } = spot(bolt);
        return (
          <G key={bolt}>
            <Circle
              cx={x}
              cy={y}
              r={15}
              fill={index === 0 ? tones.lime : tones.sheet}
              stroke={tones.ink}
              strokeWidth={2}
            />
            <SvgTxt
              x={x}
              y={y + 6}
              fontSize={17}
              fontFamily="Barlow Condensed"
              textAnchor="middle"
              fill={index === 0 ? tones.onLime : tones.ink}
            >
              {index + 1}
            </SvgTxt>
          </G>
        );
      })}
    </Svg>
  );
}

/** Flange and rim with their spokes: every other one leans back, the pair in hand is lit. */
function Lacing({ width }: { width: number }) {
  const tones = useTones();
  const [cx, cy, rim, flange] = [width / 2, height / 2, 78, 24];
  const many = 18;
  const spot = (radius: number, place: number) => {
    const angle = (2 * Math.PI * place) / many - Math.PI / 2;
    return { x: cx + radius * Math.cos(angle), y: cy + radius * Math.sin(angle) };
  };
  return (
    <Svg width={width} height={height}>
      <Circle cx={cx} cy={cy} r={rim} fill="none" stroke={tones.ink} strokeWidth={5} />
      {Array.from({ length: many }, (_, place) => {
        const from = spot(flange, place);
        const to = spot(rim - 3, place + (place % 2 ? -2 : 2));
        const lit = place < 2;
        return (
          <Line
            key={place}
            x1={from.x}
            y1={from.y}
            x2={to.x}
            y2={to.y}
            stroke={lit ? tones.lime : tones.ink}
            strokeWidth={lit ? 5 : 1.5}
          />
        );
      })}
      <Circle cx={cx} cy={cy} r={flange} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
    </Svg>
  );
}

/** The wheel from the drive side: forward is to the right of the picture, whichever way up the bike is. */
function Rotation({ turned, width }: { turned: boolean; width: number }) {
  const tones = useTones();
  const [cx, cy, r] = [width / 2, height / 2, 62];
  // Upside down and seen from the same side, forward is to the left.
  const way = turned ? -1 : 1;
  return (
    <Svg width={width} height={height}>
      <Circle cx={cx} cy={cy} r={r} fill="none" stroke={tones.ink} strokeWidth={8} />
      <Circle cx={cx} cy={cy} r={16} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path
        d={`M${cx - way * 34} ${cy - r - 2} A${r + 12} ${r + 12} 0 0 ${turned ? 0 : 1} ${cx + way * 34} ${cy - r - 2} l${-way * 12} -7 m${way * 12} 7 l${-way * 4} 12`}
        fill="none"
        stroke={tones.ink}
        strokeWidth={4}
        transform={turned ? `rotate(180 ${cx} ${cy})` : undefined}
      />
      <SvgTxt
        x={cx + way * (r + 44)}
        y={cy + 5}
        fontSize={15}
        fontFamily="Barlow Condensed"
        textAnchor="middle"
        fill={tones.ink}
      >
        {turned ? '← forward' : 'forward →'}
      </SvgTxt>
    </Svg>
  );
}

/** The slot with its mouth, and the tab in it. */
function Tab({ turned, width }: { turned: boolean; width: number }) {
  const tones = useTones();
  const [cx, cy] = [width / 2, height / 2];
  return (
    <Svg width={width} height={height}>
      <G transform={turned ? `rotate(180 ${cx} ${cy})` : undefined}>
        <Path
          d={`M${cx - 80} ${cy - 60} H${cx + 80} V${cy + 62} H${cx + 22} V${cy} a22 22 0 0 0 -44 0 V${cy + 62} H${cx - 80} Z`}
          fill={tones.metal}
          stroke={tones.ink}
          strokeWidth={2}
        />
        <Circle cx={cx} cy={cy} r={20} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
        <Path
          d={`M${cx - 18} ${cy + 26} H${cx + 18} V${cy + 56} H${cx - 18} Z`}
          fill={tones.lime}
          stroke={tones.ink}
          strokeWidth={2.5}
        />
      </G>
    </Svg>
  );
}

/** The axle end with the cable: its low point is towards the ground the bike will ride on. */
function Cable({ turned, width, toRight }: { turned: boolean; width: number; toRight: boolean }) {
  const tones = useTones();
  const [cx, cy] = [width / 2, height / 2];
  const way = toRight ? 1 : -1;
  const down = turned ? -1 : 1;
  return (
    <Svg width={width} height={height}>
      <Rect x={cx - 70} y={cy - 14} width={140} height={28} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Rect x={cx - 24} y={cy - 40} width={16} height={80} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      <Path
        d={`M${cx + way * 66} ${cy} q${way * 20} ${down * 66} ${way * 52} ${down * 40} t${way * 40} ${-down * 70}`}
        fill="none"
        stroke={tones.ink}
        strokeWidth={6}
        strokeLinecap="round"
      />
      <Circle cx={cx + way * 98} cy={cy + down * 46} r={9} fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
      <Path
        d={`M${cx - way * 110} ${cy - down * 24} v${down * 48} l-8 ${-down * 12} m8 ${down * 12} l8 ${-down * 12}`}
        fill="none"
        stroke={tones.ink}
        strokeWidth={3}
      />
    </Svg>
  );
}

/** The arm along its blade, band around both. */
function Arm({ turned, width }: { turned: boolean; width: number }) {
  const tones = useTones();
  const [cx, cy] = [width / 2, height / 2];
  return (
    <Svg width={width} height={height}>
      <G transform={turned ? `rotate(180 ${cx} ${cy})` : undefined}>
        <Rect x={cx - 14} y={8} width={28} height={height - 16} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
        <Path
          d={`M${cx - 9} ${cy + 62} L${cx - 6} 34 H${cx + 6} L${cx + 9} ${cy + 62} Z`}
          fill={tones.lime}
          stroke={tones.ink}
          strokeWidth={2.5}
        />
        <Circle cx={cx} cy={cy + 56} r={16} fill={tones.lime} stroke={tones.ink} strokeWidth={2.5} />
        <Rect x={cx - 7} y={cy + 48} width={14} height={16} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
        <Rect x={cx - 22} y={40} width={44} height={12} fill="none" stroke={tones.ink} strokeWidth={4} />
      </G>
    </Svg>
  );
}
