import { hatches, paintOf, type Scene, type Shape } from '@cricket/core/scene';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';
import type { Tones } from '../../ui/tones';

export interface SceneViewProps {
  scene: Scene;
  tones: Tones;
  /** What is to be seen, for who does not see it. */
  label: string;
  /** Something of the drawing was touched. */
  onPick?: (key: string) => void;
}

/** A scene on the page, in the colours of its theme. */
export function SceneView({ scene: { width, height, shapes }, tones, label, onPick }: SceneViewProps) {
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      <Defs>
        {Object.entries(hatches).map(([name, { tilt, step, strokeWidth, ground, line }]) => (
          <Pattern
            key={name}
            id={name}
            width={step}
            height={step}
            patternUnits="userSpaceOnUse"
            patternTransform={`rotate(${tilt})`}
          >
            <Rect width={step} height={step} fill={tones[ground]} />
            <Line x1={0} y1={0} x2={0} y2={step} stroke={tones[line]} strokeWidth={strokeWidth} />
          </Pattern>
        ))}
      </Defs>
      <Shapes shapes={shapes} tones={tones} onPick={onPick} />
    </Svg>
  );
}

type ShapesProps = Pick<Scene, 'shapes'> & Pick<SceneViewProps, 'tones' | 'onPick'>;

/** Some shapes of a scene, on a sheet that is there. */
export function Shapes({ shapes, tones, onPick }: ShapesProps) {
  return shapes.map((shape, index) => <Drawn key={index} shape={shape} tones={tones} onPick={onPick} />);
}

interface DrawnProps extends Pick<SceneViewProps, 'tones'> {
  shape: Shape;
  onPick: SceneViewProps['onPick'];
}

function Drawn({ shape, tones, onPick }: DrawnProps) {
  switch (shape.shape) {
    case 'group': {
      const { picks, shapes } = shape;
      return (
        <G {...(onPick && picks !== null && { onPress: () => onPick(picks) })}>
          <Shapes shapes={shapes} tones={tones} onPick={onPick} />
        </G>
      );
    }
    case 'text': {
      const { x, y, size, fill, text, from = 'middle' } = shape;
      return (
        <SvgTxt x={x} y={y} textAnchor={from} fill={tones[fill]} fontWeight="600" fontSize={size}>
          {text}
        </SvgTxt>
      );
    }
    case 'rect': {
      const { x, y, width, height, radius } = shape;
      const corners = radius === undefined ? null : { rx: radius };
      return <Rect x={x} y={y} width={width} height={height} {...corners} {...inked(shape, tones)} />;
    }
    case 'path':
      return <Path d={shape.d} {...inked(shape, tones)} />;
  }
}

function inked(
  { fill = 'none', stroke, strokeWidth, dash, opacity, roundEnds }: Extract<Shape, { shape: 'rect' | 'path' }>,
  tones: Tones,
) {
  return {
    fill: paintOf(fill, tones),
    ...(stroke && { stroke: tones[stroke], strokeWidth: strokeWidth ?? 1, strokeLinejoin: 'round' as const }),
    ...(roundEnds && { strokeLinecap: 'round' as const }),
    ...(dash && { strokeDasharray: dash.join(' ') }),
    ...(opacity !== undefined && { opacity }),
  };
}
