import type { Ref } from 'react';
import Svg, { Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';

import { figure } from '../../bike/figures';
import type { Tones } from '../../ui/tones';
import { axleLayout, type AxleLayout, type AxleLineData, type AxlePart } from './axle-parts';
import { leaderLabels } from './leader-labels';
import { partName } from './part-names';
import { labelBandPx, viewBox, type AxleView } from './view-box';

export interface AxleLineProps {
  data: AxleLineData;
  width: number;
  height: number;
  view: AxleView;
  tones: Tones;
  /** Part in hand. */
  selected: string | null;
  onPick?: (part: AxlePart) => void;
  svgRef?: Ref<Svg>;
  label: string;
}

/** A to-scale section through the axle, rider's left on the left, drawn from the data; what conflicts is drawn in conflict. */
export function AxleLine({ data, width, height, view, tones, selected, onPick, svgRef, label }: AxleLineProps) {
  const layout = axleLayout(data);
  const box = viewBox(layout, view, width, height);
  const scale = width / (box.rightMm - box.leftMm);
  const x = (mm: number) => (mm - box.leftMm) * scale;
  const y = (mm: number) => (box.upMm - mm) * scale;
  const draw: Drawing = { tones, scale, x, y, box, height: height - labelBandPx(view) };
  return (
    <Svg ref={svgRef} width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      <Defs>
        <Pattern id="plate" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={6} height={6} fill={tones.sheet} />
          <Line x1={0} y1={0} x2={0} y2={6} stroke={tones.soft} strokeWidth={1.2} />
        </Pattern>
        <Pattern id="clash" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <Rect width={5} height={5} fill={tones.paper} />
          <Line x1={0} y1={0} x2={0} y2={5} stroke={tones.stop} strokeWidth={2.4} />
        </Pattern>
      </Defs>
      <Hub draw={draw} layout={layout} data={data} />
      <Axle draw={draw} layout={layout} data={data} />
      {layout.parts.map((part) => (
        <Part
          key={part.key}
          draw={draw}
          part={part}
          selected={part.key === selected}
          onPick={onPick}
          lip={data.lips[part.side]}
        />
      ))}
      <Rotor draw={draw} layout={layout} data={data} />
      <Sprocket draw={draw} layout={layout} data={data} />
      <Clashes draw={draw} layout={layout} data={data} />
      <MiddleLine draw={draw} layout={layout} />
      <Spacing draw={draw} layout={layout} data={data} view={view} />
      {view === 'whole' ? null : <Leaders draw={draw} layout={layout} side={view} width={width} bottom={height} />}
    </Svg>
  );
}

interface Drawing {
  tones: Tones;
  scale: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
  box: { upMm: number; downMm: number };
  height: number;
}

interface Piece {
  draw: Drawing;
  layout: AxleLayout;
  data: AxleLineData;
}

function Axle({ draw: { tones, x, y, scale }, layout, data }: Piece) {
  const radius = data.input.hub.threadMm / 2;
  const from = data.input.hub.threadFromMm;
  const threads = (['left', 'right'] as const).map((side) => {
    const outwards = side === 'left' ? -1 : 1;
    const start = layout.shoulders[side] + outwards * (from?.[side] ?? 0);
    const [low, high] = [Math.min(start, layout.ends[side]), Math.max(start, layout.ends[side])];
    const step = 1.75;
    return Array.from(
      { length: Math.max(0, Math.floor((high - low) / step)) },
      (_, index) => low + (index + 0.5) * step,
    );
  });
  return (
    <G>
      <Rect
        x={x(layout.ends.left)}
        y={y(radius)}
        width={x(layout.ends.right) - x(layout.ends.left)}
        height={2 * radius * scale}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={1.5}
      />
      {threads.flat().map((at) => (
        <Line
          key={at}
          x1={x(at + 0.4)}
          x2={x(at - 0.4)}
          y1={y(radius)}
          y2={y(-radius)}
          stroke={tones.soft}
          strokeWidth={0.7}
        />
      ))}
    </G>
  );
}

/** Shoulders and the motor's cover, cut off where the drawing ends. */
function Hub({ draw: { tones, x, y, box }, layout, data }: Piece) {
  const cover = Math.min(data.wheel.coverDiameterMm / 2, box.upMm - 6);
  const below = Math.min(data.wheel.coverDiameterMm / 2, box.downMm - 16);
  const { left, right } = layout.shoulders;
  const halfCover = Math.min(data.wheel.coverWidthMm / 2, (right - left) / 2 - 3);
  const middle = (left + right) / 2;
  const neck = 17;
  const points = [
    [left, neck],
    [middle - halfCover - 4, neck + 5],
    [middle - halfCover, cover],
    [middle + halfCover, cover],
    [middle + halfCover + 4, neck + 5],
    [right, neck],
    [right, -neck],
    [middle + halfCover + 4, -neck - 5],
    [middle + halfCover, -below],
    [middle - halfCover, -below],
    [middle - halfCover - 4, -neck - 5],
    [left, -neck],
  ] as const;
  return (
    <Path
      d={`M${points.map(([px, py]) => `${x(px).toFixed(1)} ${y(py).toFixed(1)}`).join('L')}z`}
      fill={tones.sheet}
      stroke={tones.ink}
      strokeWidth={1.5}
      strokeLinejoin="round"
    />
  );
}

function Part({
  draw: { tones, x, y, scale, box, height },
  part,
  selected,
  onPick,
  lip,
}: {
  draw: Drawing;
  part: AxlePart;
  selected: boolean;
  onPick?: (part: AxlePart) => void;
  lip: { diameterMm: number; depthMm: number } | null;
}) {
  const left = x(part.fromMm);
  const width = Math.max(1.5, x(part.toMm) - left);
  const pick = onPick ? { onPress: () => onPick(part) } : undefined;
  if (part.kind === 'plate') {
    const outer = part.side === 'left' ? part.fromMm : part.toMm;
    const outwards = part.side === 'left' ? -1 : 1;
    return (
      <G {...pick}>
        <Rect
          x={left}
          y={0}
          width={width}
          height={Math.min(y(-part.radiusMm), height)}
          fill="url(#plate)"
          stroke={tones.ink}
          strokeWidth={1.5}
        />
        {lip
          ? ([1, -1] as const).map((way) => (
              <Rect
                key={way}
                x={Math.min(x(outer), x(outer + outwards * lip.depthMm))}
                y={way > 0 ? y(lip.diameterMm / 2 + 6) : y(-lip.diameterMm / 2)}
                width={Math.max(1.5, lip.depthMm * scale)}
                height={6 * scale}
                fill="url(#plate)"
                stroke={tones.ink}
                strokeWidth={1.2}
              />
            ))
          : null}
      </G>
    );
  }
  const fill = selected
    ? tones.lime
    : part.kind === 'nut'
      ? tones.metal
      : part.kind === 'tabbed'
        ? tones.lime
        : tones.sheet;
  const top = part.kind === 'arm' ? Math.max(0, y(box.upMm * 0.72)) : y(part.radiusMm);
  const bottom = Math.min(y(-part.radiusMm), height);
  // The tab reaches into the slot, past the washer's own face.
  const tab = part.kind === 'tabbed' ? 3 * scale : 0;
  return (
    <G {...pick}>
      {tab > 0 ? (
        <Rect
          x={part.side === 'left' ? left - tab : left + width}
          y={y(-5)}
          width={tab}
          height={3 * scale}
          fill={tones.lime}
          stroke={tones.ink}
          strokeWidth={1.2}
        />
      ) : null}
      <Rect
        x={left}
        y={top}
        width={width}
        height={bottom - top}
        fill={fill}
        stroke={tones.ink}
        strokeWidth={selected ? 2.5 : 1.4}
      />
      {/* A finger is wider than a washer. */}
      {onPick ? <Rect x={left - 6} y={y(18)} width={width + 12} height={36 * scale} fill={'transparent'} /> : null}
    </G>
  );
}

function Rotor({ draw: { tones, x, y, box }, layout }: Piece) {
  if (!layout.rotor) return null;
  const { fromMm, toMm, wantedFromMm, wantedToMm } = layout.rotor;
  const pad = 3.2;
  const tip = box.upMm - 10;
  return (
    <G>
      <Rect
        x={x(wantedFromMm - pad)}
        y={0}
        width={x(wantedFromMm - 0.2) - x(wantedFromMm - pad)}
        height={y(tip - 16)}
        fill={tones.sheet}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
      <Rect
        x={x(wantedToMm + 0.2)}
        y={0}
        width={x(wantedToMm + pad) - x(wantedToMm + 0.2)}
        height={y(tip - 16)}
        fill={tones.sheet}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
      <Rect
        x={x(fromMm)}
        y={y(tip)}
        width={Math.max(1.5, x(toMm) - x(fromMm))}
        height={y(-20) - y(tip)}
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={1.4}
      />
    </G>
  );
}

function Sprocket({ draw: { tones, x, y, scale }, layout }: Piece) {
  if (layout.sprocketMm === null) return null;
  return (
    <G>
      {[0, 1, 2].map((index) => (
        <Rect
          key={index}
          x={x(layout.sprocketMm! - 1.8 - index * 4.4)}
          y={y(22 + index * 5)}
          width={1.8 * scale}
          height={(44 + index * 10) * scale}
          fill={tones.metal}
          stroke={tones.ink}
          strokeWidth={1}
        />
      ))}
    </G>
  );
}

/** Where metal would be in metal: hatched in the colour of "stop". */
function Clashes({ draw: { x, y }, layout, data }: Piece) {
  const clashes: { from: number; to: number; half: number }[] = [];
  for (const side of ['left', 'right'] as const) {
    const nut = layout.parts.find((part) => part.side === side && part.kind === 'nut');
    const past = nut ? (side === 'left' ? layout.ends.left - nut.fromMm : nut.toMm - layout.ends.right) : 0;
    if (past > 0.005)
      clashes.push(
        side === 'left'
          ? { from: nut!.fromMm, to: layout.ends.left, half: 8 }
          : { from: layout.ends.right, to: nut!.toMm, half: 8 },
      );
  }
  for (const side of ['left', 'right'] as const) {
    const lip = data.lips[side];
    if (!lip || !data.onLip[side]) continue;
    const face =
      side === 'left' ? layout.faces.left - data.input.plateMm.left : layout.faces.right + data.input.plateMm.right;
    const over = side === 'left' ? face - lip.depthMm : face + lip.depthMm;
    clashes.push({ from: Math.min(face, over), to: Math.max(face, over), half: lip.diameterMm / 2 + 6 });
  }
  const { rotor } = layout;
  const adjust = data.input.want?.rotorAdjustMm ?? 1.5;
  if (rotor && Math.abs(data.stack.rotorErrorMm) > adjust) {
    clashes.push({
      from: Math.min(rotor.fromMm, rotor.wantedFromMm),
      to: Math.max(rotor.toMm, rotor.wantedToMm),
      half: 30,
    });
  }
  const least = data.input.want?.sprocketGapMinMm ?? 4;
  if (
    layout.sprocketMm !== null &&
    data.stack.sprocketGapMm !== undefined &&
    data.stack.sprocketGapMm < least - 0.005
  ) {
    clashes.push({ from: layout.sprocketMm, to: layout.faces.right, half: 20 });
  }
  return (
    <G>
      {clashes.map(({ from, to, half }) => (
        <Rect
          key={`${from}`}
          x={x(from)}
          y={y(half)}
          width={Math.max(3, x(to) - x(from))}
          height={y(-half) - y(half)}
          fill="url(#clash)"
          opacity={0.85}
        />
      ))}
    </G>
  );
}

/** The bike's middle plane, and where the rim runs. */
function MiddleLine({ draw: { tones, x, height }, layout }: { draw: Drawing; layout: AxleLayout }) {
  const rim = x(layout.rimMm);
  return (
    <G>
      <Line
        x1={x(layout.middleMm)}
        x2={x(layout.middleMm)}
        y1={4}
        y2={height - 22}
        stroke={tones.ink}
        strokeWidth={1.1}
        strokeDasharray="10 4 2 4"
      />
      <Path d={`M${rim - 6} 6h12l-6 10z`} fill={tones.lime} stroke={tones.ink} strokeWidth={1.2} />
    </G>
  );
}

/** The spacing as measured, dimensioned between the faces. */
function Spacing({ draw: { tones, x, height }, layout, data, view }: Piece & { view: AxleView }) {
  if (view !== 'whole') return null;
  const at = height - 13;
  const middle = (x(layout.faces.left) + x(layout.faces.right)) / 2;
  return (
    <G>
      <Path
        d={`M${x(layout.faces.left)} ${at}H${x(layout.faces.right)}M${x(layout.faces.left)} ${at - 6}v12M${x(layout.faces.right)} ${at - 6}v12`}
        stroke={tones.ink}
        strokeWidth={1.3}
        fill="none"
      />
      <Rect x={middle - 24} y={at - 10} width={48} height={20} fill={tones.paper} />
      <SvgText
        x={middle}
        y={at + 6}
        textAnchor="middle"
        fill={tones.ink}
        fontFamily="Barlow Condensed"
        fontWeight="600"
        fontSize={18}
      >
        {figure(data.input.spacingMm)}
      </SvgText>
    </G>
  );
}

/** Names with leader lines: at an end close up there is room for them. */
function Leaders({
  draw: { tones, x, y, height },
  layout,
  side,
  width,
  bottom,
}: {
  draw: Drawing;
  layout: AxleLayout;
  side: 'left' | 'right';
  width: number;
  bottom: number;
}) {
  const parts = layout.parts.filter((part) => part.side === side);
  const labels = leaderLabels(
    parts.map((part) => ({
      at: (x(part.fromMm) + x(part.toMm)) / 2,
      text: `${partName(part)} ${figure(part.thicknessMm)}`,
    })),
    width,
  );
  return (
    <G>
      {labels.map(({ at, textAt, row, text, anchor }, index) => {
        const base = bottom - 6 - row * 19;
        return (
          <G key={index}>
            <Line
              x1={at}
              y1={Math.min(y(-9), height - 6)}
              x2={at}
              y2={base - 13}
              stroke={tones.soft}
              strokeWidth={0.9}
            />
            <SvgText
              x={textAt}
              y={base}
              textAnchor={anchor}
              fill={tones.ink}
              fontFamily="Barlow Condensed"
              fontWeight="600"
              fontSize={16}
            >
              {text}
            </SvgText>
          </G>
        );
      })}
    </G>
  );
}
