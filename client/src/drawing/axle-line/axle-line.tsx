import Svg, { Defs, Line, Pattern, Rect } from 'react-native-svg';

import type { Tones } from '../../ui/tones';
import { axleLayout, type AxleLineData, type AxlePart } from './axle-parts';
import { Clashes } from './clashes';
import { Gap, Leaders, MiddleLine, Spacing } from './dimensions';
import type { Drawing } from './drawing-scale';
import { Axle, Hub } from './hub-and-axle';
import { Part } from './part-shape';
import { Rotor, Sprocket } from './rotor-and-sprocket';
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
  label: string;
}

/** A to-scale section through the axle, rider's left on the left, drawn from the data; what conflicts is drawn in conflict. */
export function AxleLine({ data, width, height, view, tones, selected, onPick, label }: AxleLineProps) {
  const layout = axleLayout(data);
  const box = viewBox(layout, view, width, height);
  const scale = width / (box.rightMm - box.leftMm);
  const x = (mm: number) => (mm - box.leftMm) * scale;
  const y = (mm: number) => (box.upMm - mm) * scale;
  const draw: Drawing = { tones, scale, x, y, box, height: height - labelBandPx(view) };
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
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
      {platesFirst(layout.parts).map((part) => (
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
      <Gap draw={draw} layout={layout} data={data} view={view} />
      {view === 'whole' ? null : <Leaders draw={draw} layout={layout} side={view} width={width} />}
    </Svg>
  );
}

/** Dropouts lie behind the tabs that reach into their slots. */
function platesFirst(parts: readonly AxlePart[]): AxlePart[] {
  return [...parts.filter(({ kind }) => kind === 'plate'), ...parts.filter(({ kind }) => kind !== 'plate')];
}
