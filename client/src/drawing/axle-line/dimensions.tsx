import { G, Line, Path, Rect } from 'react-native-svg';

import { figure } from '../../ui/figure-text';
import type { AxleLayout } from './axle-parts';
import type { Drawing, Piece } from './drawing-scale';
import { leaderLabels } from './leader-labels';
import { partName } from './part-names';
import type { AxleView } from './view-box';
import { SvgTxt } from '../../ui/svg-txt';

/** The bike's middle plane, and where the rim runs. */
export function MiddleLine({ draw: { tones, x, height }, layout }: { draw: Drawing; layout: AxleLayout }) {
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
export function Spacing({ draw: { tones, x, height }, layout, data, view }: Piece & { view: AxleView }) {
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
      <SvgTxt x={middle} y={at + 6} textAnchor="middle" fill={tones.ink} fontWeight="600" fontSize={18}>
        {figure(data.input.spacingMm)}
      </SvgTxt>
    </G>
  );
}

/** Room that no washers fill, or metal in metal: dimensioned where it is. */
export function Gap({ draw: { tones, x, y }, layout, data, view }: Piece & { view: AxleView }) {
  const { gapMm = 0 } = data;
  if (Math.abs(gapMm) < 0.005 || view !== 'whole') return null;
  const at = y(34);
  return (
    <G>
      {(['left', 'right'] as const).map((side) => {
        const from = x(layout.shoulders[side]);
        const to = x(layout.faces[side]);
        return (
          <G key={side}>
            <Path
              d={`M${from} ${at}H${to}M${from} ${at - 7}v14M${to} ${at - 7}v14`}
              stroke={tones.stop}
              strokeWidth={1.8}
              fill="none"
            />
            <SvgTxt
              x={(from + to) / 2}
              y={at - 10}
              textAnchor="middle"
              fill={tones.stop}
              fontWeight="600"
              fontSize={18}
            >
              {figure(Math.abs(gapMm) / 2)}
            </SvgTxt>
          </G>
        );
      })}
    </G>
  );
}

/** Names with leader lines: at an end close up there is room for them. */
export function Leaders({
  draw: { tones, x, y, height },
  layout,
  side,
  width,
}: {
  draw: Drawing;
  layout: AxleLayout;
  side: 'left' | 'right';
  width: number;
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
      <Rect x={0} y={height} width={width} height={height} fill={tones.paper} />
      {labels.map(({ at, textAt, row, text }, index) => {
        const base = height + 20 + row * 20;
        return (
          <G key={index}>
            <Path
              d={`M${at} ${Math.min(y(-9), height - 6)}V${height - 2}L${textAt} ${base - 13}`}
              stroke={tones.soft}
              strokeWidth={0.9}
              fill="none"
            />
            <SvgTxt x={textAt} y={base} textAnchor="middle" fill={tones.ink} fontWeight="600" fontSize={16}>
              {text}
            </SvgTxt>
          </G>
        );
      })}
    </G>
  );
}
