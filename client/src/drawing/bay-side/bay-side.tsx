import type { Verdict } from '@cricket/core/verdict';
import { Fragment } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Polygon } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { Held, useHeld, type Live } from '../kit/live';
import { PlaceHandle, type PlaceHandleProps } from '../kit/place-handle';
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
  /** Its middle, where it is held before the page has followed. */
  live: Live<Point>;
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
  const size = { width, height };
  const centre = at([0, 0]);
  const stopped = verdict === 'stop';
  const [lower, upper] = scene.battery as [Point, Point];
  const way: Point = [upper[0] - lower[0], upper[1] - lower[1]];
  const length = Math.hypot(...way) || 1;
  const alongPx = (mm: number): Point => [(way[0] / length) * mm * scale, (-way[1] / length) * mm * scale];
  const box = scene.box && middleOf(scene.box);
  const fromBox = ([x, y]: Point): Point => (box ? [(x - box[0]) * scale, (box[1] - y) * scale] : [0, 0]);
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
        </Svg>
        <Held {...size} live={push?.live} away={(held) => alongPx(held - (push?.value ?? 0))}>
          <Polygon points={list(scene.swept)} fill="none" stroke={tones.soft} strokeWidth={1.2} strokeDasharray="5 4" />
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
          {scene.bands.map(([from, to], index) => {
            const [[x1, y1], [x2, y2]] = [at(from), at(to)];
            return (
              <Fragment key={index}>
                <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={tones.ink} strokeWidth={7} strokeLinecap="round" />
                <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={tones.sheet} strokeWidth={3} strokeLinecap="round" />
              </Fragment>
            );
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
        </Held>
        <Held {...size} live={pushBox?.live} away={fromBox}>
          {scene.box ? (
            <Polygon
              points={list(scene.box)}
              fill={tones.sheet}
              stroke={pushBox?.isStopped ? tones.stop : tones.ink}
              strokeWidth={pushBox?.isStopped ? 3 : 2}
            />
          ) : null}
        </Held>
        <Held {...size} live={undefined} away={nowhere}>
          {scene.bosses.map((boss, index) => {
            const [x, y] = at(boss);
            return <Circle key={index} cx={x} cy={y} r={4} fill={tones.ink} stroke={tones.paper} strokeWidth={1} />;
          })}
        </Held>
      </View>
      {push ? <AlongTube outline={scene.battery.map(at)} scale={scale} {...push} /> : null}
      {pushBox && scene.box ? (
        <BoxHandle
          live={pushBox.live}
          away={fromBox}
          place={{ id: 'controller', says: pushBox.says }}
          at={at(middleOf(scene.box))}
          onPush={(right, up) => pushBox.onPush([right / scale, up / scale])}
          onStep={pushBox.onPush}
        />
      ) : null}
    </View>
  );
}

const nowhere = (): Point => [0, 0];

type BoxHandleProps = Omit<PlaceHandleProps, 'onGrab' | 'away'> & {
  live: Live<Point>;
  away: (held: Point) => Point;
};

function BoxHandle({ live, away, ...rest }: BoxHandleProps) {
  const held = useHeld(live);
  return <PlaceHandle {...rest} onGrab={() => undefined} {...(held && { away: away(held) })} />;
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
