import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';
import { lightTones, useTones, type Tones } from '../../ui/tones';
import { usePrinting } from '../../ui/use-printing';
import type { WiringRow, WiringScene } from './wiring-scene';

export interface WiringDiagramProps {
  scene: WiringScene;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
}

const boxShare = 0.31;
const margin = 8;

/** Parts as boxes, each join as a line from one to the other with both halves of its plug in the middle; legible on paper. */
export function WiringDiagram({ scene, width, label }: WiringDiagramProps) {
  const own = useTones();
  const tones = usePrinting() ? lightTones : own;
  const box = Math.min(260, width * boxShare);
  const rightX = width - margin - box;
  return (
    <View role="img" aria-label={label} style={{ width, height: scene.height }}>
      <Svg width={width} height={scene.height} aria-hidden>
        {scene.boxes.map(({ part, side, top, height }) => {
          const x = side === 'left' ? margin : rightX;
          return (
            <G key={`${side} ${top}`}>
              <Rect x={x} y={top} width={box} height={height} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
              <SvgTxt x={x + 6} y={top + 17} fontSize={17} fontWeight="bold" fill={tones.ink}>
                {short(part, box)}
              </SvgTxt>
            </G>
          );
        })}
        {scene.rows.map((row) => (
          <Row key={row.left.id} row={row} from={margin + box} to={rightX} box={box} tones={tones} />
        ))}
      </Svg>
    </View>
  );
}

interface RowProps {
  row: WiringRow;
  from: number;
  to: number;
  box: number;
  tones: Tones;
}

function Row({ row, from, to, box, tones }: RowProps) {
  const { left, right, way, adapters, verdict, y } = row;
  const middle = (from + to) / 2;
  const reach = right ? 13 : 0;
  const stopped = verdict === 'stop';
  const ink = stopped ? tones.stop : tones.ink;
  const apart = way === 'none' ? 10 : 0;
  return (
    <G>
      <Line x1={from} y1={y} x2={middle - reach - apart} y2={y} stroke={ink} strokeWidth={2} />
      <SvgTxt x={from - box + 6} y={y + 5} fontSize={15} fill={tones.ink}>
        {short(left.id, box)}
      </SvgTxt>
      <Half at={middle - reach - apart} y={y} gender={left.gender} turn={1} ink={ink} paper={tones.sheet} />
      {right ? (
        <>
          <Line x1={middle + reach + apart} y1={y} x2={to} y2={y} stroke={ink} strokeWidth={2} />
          <Half at={middle + reach + apart} y={y} gender={right.gender} turn={-1} ink={ink} paper={tones.sheet} />
          <SvgTxt x={to + 6} y={y + 5} fontSize={15} fill={tones.ink}>
            {short(right.id, box)}
          </SvgTxt>
        </>
      ) : (
        <Path d={`M ${middle + 10} ${y - 9} h 8 v 18 h -8`} fill="none" stroke={ink} strokeWidth={2} />
      )}
      {adapters.length > 0 || way === 'repin' ? (
        <SvgTxt x={middle} y={y - 13} fontSize={14} textAnchor="middle" fill={tones.ink}>
          {adapters.length > 0 ? short(adapters.join(' + '), to - from) : '⇄'}
        </SvgTxt>
      ) : null}
      {stopped && way !== 'none' ? (
        <Path
          d={`M ${middle - 16} ${y + 17} L ${middle + 16} ${y - 17} M ${middle - 16} ${y - 17} L ${middle + 16} ${y + 17}`}
          stroke={tones.stop}
          strokeWidth={3}
        />
      ) : null}
    </G>
  );
}

interface HalfProps {
  at: number;
  y: number;
  gender: 'pin' | 'socket';
  /** 1 opens to the right, -1 to the left. */
  turn: 1 | -1;
  ink: string;
  paper: string;
}

/** Half a plug: pins stick out of it, sockets lie within it. */
function Half({ at, y, gender, turn, ink, paper }: HalfProps) {
  const shell = 12;
  return (
    <G>
      <Rect
        x={turn === 1 ? at : at - shell}
        y={y - 9}
        width={shell}
        height={18}
        fill={gender === 'socket' ? ink : paper}
        stroke={ink}
        strokeWidth={2}
      />
      {gender === 'pin'
        ? [-4, 4].map((off) => (
            <Line
              key={off}
              x1={at + turn * shell}
              y1={y + off}
              x2={at + turn * (shell + 7)}
              y2={y + off}
              stroke={ink}
              strokeWidth={2}
            />
          ))
        : null}
    </G>
  );
}

/** As much of a name as there is room for. */
function short(text: string, px: number): string {
  const most = Math.max(4, Math.floor((px - 10) / 6));
  return text.length > most ? `${text.slice(0, most - 1)}…` : text;
}
