import type { Verdict } from '@cricket/core/verdict';
import { View } from 'react-native';
import Svg, { Circle, Line, Polygon } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { PlaceHandle } from '../place-handle';
import { AlongTube, type Pushed } from './along-tube';
import type { BayScene, Point } from './bay-scene';

export interface BaySideProps {
  scene: BayScene;
  width: number;
  verdict: Verdict;
  /** Read out instead of the drawing. */
  label: string;
  /** With it the battery can be pushed along its tube. */
  push?: Pushed;
  /** With it the controller can be pushed anywhere. */
  pushBox?: PushedBox;
}

/** The controller as it is pushed. */
export interface PushedBox {
  /** Where it is, in words. */
  says: string;
  isStopped: boolean;
  /** So many millimetres forward, and up. */
  onPush: (by: Point) => void;
}

const mostHeight = 420;
const shellMm = 22;

/** The frame from its right side, to scale: tubes, bosses, what is in the way and where it moves, battery, rail and the way in. */
export function BaySide({ scene, width, verdict, label, push, pushBox }: BaySideProps) {
  const tones = useTones();
  const { left, right, bottom, top } = scene.bounds;
  const scale = Math.min(width / (right - left), mostHeight / (top - bottom));
  const height = Math.ceil((top - bottom) * scale);
  const shift = (width - (right - left) * scale) / 2;
  const at = ([x, y]: Point): Point => [shift + (x - left) * scale, (top - y) * scale];
  const list = (points: readonly Point[]) =>
    points
      .map(at)
      .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
      .join(' ');
  const centre = at([0, 0]);
  const stopped = verdict === 'stop';
  return (
    <View style={{ width, height }}>
      <View role="img" aria-label={label} style={{ width, height }}>
        <Svg width={width} height={height} aria-hidden>
          {(['ink', 'metal'] as const).map((tone) => (
            <TubeLayer
              key={tone}
              scene={scene}
              at={at}
              scale={scale}
              tone={tones[tone]}
              edge={tone === 'ink' ? 2 : 0}
            />
          ))}
          <Circle
            cx={centre[0]}
            cy={centre[1]}
            r={shellMm * scale}
            fill={tones.metal}
            stroke={tones.ink}
            strokeWidth={1.5}
          />
          <Circle cx={centre[0]} cy={centre[1]} r={2} fill={tones.ink} />
          <Polygon points={list(scene.swept)} fill="none" stroke={tones.soft} strokeWidth={1.2} strokeDasharray="5 4" />
          {scene.moved.map((outline, index) => (
            <Polygon
              key={index}
              points={list(outline)}
              fill="none"
              stroke={tones.ink}
              strokeWidth={1.2}
              strokeDasharray="5 4"
            />
          ))}
          {scene.things.map((outline, index) => (
            <Polygon key={index} points={list(outline)} fill={tones.soft} stroke={tones.ink} strokeWidth={1.5} />
          ))}
          {scene.rail ? (
            <Polygon points={list(scene.rail)} fill={tones.ink} stroke={tones.ink} strokeWidth={1} />
          ) : null}
          <Polygon
            points={list(scene.battery)}
            fill={tones.lime}
            fillOpacity={stopped ? 0.35 : 1}
            stroke={stopped ? tones.stop : tones.ink}
            strokeWidth={stopped ? 3 : 2}
          />
          {scene.box ? (
            <Polygon
              points={list(scene.box)}
              fill={tones.sheet}
              stroke={pushBox?.isStopped ? tones.stop : tones.ink}
              strokeWidth={pushBox?.isStopped ? 3 : 2}
            />
          ) : null}
          {scene.bosses.map((boss, index) => {
            const [x, y] = at(boss);
            return <Circle key={index} cx={x} cy={y} r={4} fill={tones.ink} stroke={tones.paper} strokeWidth={1} />;
          })}
          {scene.key ? (
            <Circle
              cx={at(scene.key)[0]}
              cy={at(scene.key)[1]}
              r={5}
              fill={tones.sheet}
              stroke={tones.ink}
              strokeWidth={2}
            />
          ) : null}
        </Svg>
      </View>
      {push ? <AlongTube outline={scene.battery.map(at)} scale={scale} {...push} /> : null}
      {pushBox && scene.box ? (
        <PlaceHandle
          place={{ id: 'controller', says: pushBox.says }}
          at={at(middleOf(scene.box))}
          onGrab={() => undefined}
          onPush={(right, up) => pushBox.onPush([right / scale, up / scale])}
          onStep={pushBox.onPush}
        />
      ) : null}
    </View>
  );
}

function middleOf(outline: readonly Point[]): Point {
  const [sumX, sumY] = outline.reduce<Point>(([x, y], point) => [x + point[0], y + point[1]], [0, 0]);
  return [sumX / outline.length, sumY / outline.length];
}

interface TubeLayerProps {
  scene: BayScene;
  at: (point: Point) => Point;
  scale: number;
  tone: string;
  /** How much wider than the tube. */
  edge: number;
}

/** All tubes in one tone: first wider and dark, then as they are, so that they run into each other. */
function TubeLayer({ scene, at, scale, tone, edge }: TubeLayerProps) {
  return scene.tubes.map(({ from, to, widthMm }, index) => {
    const [x1, y1] = at(from);
    const [x2, y2] = at(to);
    return (
      <Line
        key={index}
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={tone}
        strokeWidth={widthMm * scale + edge}
        strokeLinecap="butt"
      />
    );
  });
}
