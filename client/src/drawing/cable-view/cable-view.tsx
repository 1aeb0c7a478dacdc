import { useRef } from 'react';
import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, G, Line, Polygon, Polyline, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { seenFrom, type CableScene, type CableViewFrom, type HeldPlaces, type Point } from './cable-scene';
import { movedBy, useHeld, type Live } from '../kit/live';
import { PlaceHandle, type Place, type PlaceHandleProps } from '../kit/place-handle';

export interface CableViewProps {
  scene: CableScene;
  from: CableViewFrom;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
  /** The places as they can be pushed, in the order of the scene; none while they are not where they are measured. */
  places: readonly Place[];
  onPush: (id: string, by: Point) => void;
  /** Places that are held, before the page has followed. */
  live: Live<HeldPlaces>;
}

const mostHeight = 380;
const leastHeight = 180;

/** The bike with its cables, to scale: wheels, cranks, head, every run, and the picked one with its ties on top. */
export function CableView({ scene, from, width, label, places, onPush, live }: CableViewProps) {
  const tones = useTones();
  const grabbed = useRef('');
  const { left, right, bottom, top } = scene.bounds;
  const scale = Math.min(width / (right - left), mostHeight / (top - bottom));
  const height = Math.max(leastHeight, Math.ceil((top - bottom) * scale));
  const [shiftX, shiftY] = [(width - (right - left) * scale) / 2, (height - (top - bottom) * scale) / 2];
  const at = ([x, y]: Point): Point => [shiftX + (x - left) * scale, shiftY + (top - y) * scale];
  const list = (points: readonly Point[]) =>
    points
      .map(at)
      .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
      .join(' ');
  const awayOf =
    (id: string, spot: Point) =>
    (held: HeldPlaces): Point => {
      if (!held[id]) return [0, 0];
      const [x, y] = seenFrom(from, held[id]);
      return [(x - spot[0]) * scale, (spot[1] - y) * scale];
    };
  const centre = at([0, 0]);
  const [headLow, headTop] = scene.head.map(at) as [Point, Point];
  return (
    <View style={{ width, height, overflow: 'hidden' }}>
      <View role="img" aria-label={label} style={{ width, height }}>
        <Svg width={width} height={height} aria-hidden>
          <Defs>
            <ClipPath id="cable-view">
              <Rect x={0} y={0} width={width} height={height} />
            </ClipPath>
          </Defs>
          <G clipPath="url(#cable-view)">
            {scene.frame.length > 0 ? (
              <Polygon
                points={list(scene.frame)}
                fill="none"
                stroke={tones.metal}
                strokeWidth={10}
                strokeLinejoin="round"
              />
            ) : null}
            {scene.discs.map(({ id, centre: axle, radiusMm, halfWidthMm }) => {
              const [x, y] = at(axle);
              return from === 'side' ? (
                <Circle key={id} cx={x} cy={y} r={radiusMm * scale} fill="none" stroke={tones.soft} strokeWidth={1.5} />
              ) : (
                <Rect
                  key={id}
                  x={x - radiusMm * scale}
                  y={y - halfWidthMm * scale}
                  width={2 * radiusMm * scale}
                  height={2 * halfWidthMm * scale}
                  fill={tones.metal}
                  stroke={tones.soft}
                  strokeWidth={1}
                />
              );
            })}
            {from === 'side' ? (
              <Circle
                cx={centre[0]}
                cy={centre[1]}
                r={scene.crank.radiusMm * scale}
                fill="none"
                stroke={tones.soft}
                strokeWidth={1}
                strokeDasharray="4 4"
              />
            ) : (
              [-1, 1].map((side) => (
                <Line
                  key={side}
                  x1={centre[0] - scene.crank.radiusMm * scale}
                  x2={centre[0] + scene.crank.radiusMm * scale}
                  y1={at([0, side * scene.crank.halfWidthMm])[1]}
                  y2={at([0, side * scene.crank.halfWidthMm])[1]}
                  stroke={tones.soft}
                  strokeWidth={1}
                  strokeDasharray="4 4"
                />
              ))
            )}
            <Line
              x1={headLow[0]}
              y1={headLow[1]}
              x2={headTop[0]}
              y2={headTop[1]}
              stroke={tones.metal}
              strokeWidth={12}
              strokeLinecap="round"
            />
            {scene.lines.map(({ points, isPicked }, index) => (
              <G key={index}>
                <Polyline
                  points={list(points)}
                  fill="none"
                  stroke={tones.ink}
                  strokeWidth={isPicked ? 6 : 1.5}
                  strokeLinejoin="round"
                />
                {isPicked ? (
                  <Polyline
                    points={list(points)}
                    fill="none"
                    stroke={tones.lime}
                    strokeWidth={3}
                    strokeLinejoin="round"
                  />
                ) : null}
              </G>
            ))}
            {scene.ties.map((tie, index) => {
              const [x, y] = at(tie);
              return <Rect key={index} x={x - 1.5} y={y - 6} width={3} height={12} fill={tones.ink} />;
            })}
            {scene.coil ? (
              <G>
                {[6, 10].map((r) => (
                  <Circle
                    key={r}
                    cx={at(scene.coil!)[0]}
                    cy={at(scene.coil!)[1]}
                    r={r}
                    fill="none"
                    stroke={tones.ink}
                    strokeWidth={2}
                  />
                ))}
              </G>
            ) : null}
            {scene.anchors.map(({ id, at: spot, isOnPath }) => {
              const [x, y] = at(spot);
              return (
                <Circle
                  key={id}
                  cx={x}
                  cy={y}
                  r={isOnPath ? 5 : 3.5}
                  fill={isOnPath ? tones.ink : tones.sheet}
                  stroke={tones.ink}
                  strokeWidth={1.5}
                />
              );
            })}
          </G>
        </Svg>
      </View>
      <HeldDots live={live} at={(spot) => at(seenFrom(from, spot))} />
      {places.map((place, index) => (
        <HeldHandle
          key={place.id}
          live={live}
          awayOf={awayOf(place.id, scene.anchors[index]!.at)}
          place={place}
          at={at(scene.anchors[index]!.at)}
          onGrab={(touched) => {
            grabbed.current = nearestPlace(scene, touched, at);
          }}
          onPush={(pixelsRight, pixelsUp) => onPush(grabbed.current, [pixelsRight / scale, pixelsUp / scale])}
          onStep={(by) => onPush(place.id, by)}
        />
      ))}
    </View>
  );
}

/** Places of the picked run are meant before others that are nearer by less than this. */
const meantPx = 14;

/** Which of the places under a finger is meant. */
function nearestPlace({ anchors }: CableScene, touched: Point, at: (point: Point) => Point): string {
  const away = ({ at: spot, isOnPath }: CableScene['anchors'][number]) => {
    const [x, y] = at(spot);
    return Math.hypot(x - touched[0], y - touched[1]) - (isOnPath ? meantPx : 0);
  };
  return anchors.reduce((best, next) => (away(next) < away(best) ? next : best)).id;
}

const dotPx = 14;

interface HeldDotsProps {
  live: Live<HeldPlaces>;
  at: (spot: HeldPlaces[string]) => Point;
}

/** Where places are held before their cables have followed. */
function HeldDots({ live, at }: HeldDotsProps) {
  const held = useHeld(live);
  return Object.entries(held ?? {}).map(([id, spot]) => (
    <View
      key={id}
      className="absolute rounded-full border-2 border-ink bg-lime"
      style={[
        { left: -dotPx / 2, top: -dotPx / 2, width: dotPx, height: dotPx, pointerEvents: 'none' },
        movedBy(at(spot)),
      ]}
    />
  ));
}

type HeldHandleProps = Omit<PlaceHandleProps, 'away'> & {
  live: Live<HeldPlaces>;
  awayOf: (held: HeldPlaces) => Point;
};

function HeldHandle({ live, awayOf, ...rest }: HeldHandleProps) {
  const held = useHeld(live);
  return <PlaceHandle {...rest} {...(held && { away: awayOf(held) })} />;
}
