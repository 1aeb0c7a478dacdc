import type { End } from '@cricket/core/features';
import type { Verdict } from '@cricket/core/verdict';
import { Fragment } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line, Polygon, Polyline } from 'react-native-svg';

import { Mark, verdictWords } from '../../ui/mark';
import { useTones } from '../../ui/tones';
import { builtOutlines, type Built } from './built-outlines';
import { frameShape, type BikeSize, type Point } from './frame-shape';

export interface BikeMapProps {
  bike: BikeSize;
  width: number;
  height: number;
  /** State of each end; null where nothing is known. */
  ends: Record<End, Verdict | null>;
  selected?: End;
  /** With it the ends become targets. */
  onPick?: (end: End) => void;
  endNames?: Record<End, string>;
  /** What a conversion puts onto it. */
  built?: Built;
}

const targetSize = 52;

/** The bike from its right side, to scale, with front and rear end as targets that show their state. */
export function BikeMap({ bike, width, height, ends, selected, onPick, endNames, built }: BikeMapProps) {
  const tones = useTones();
  const shape = frameShape(bike);
  const { left, top, right, bottom } = shape.bounds;
  const scale = Math.min(width / (right - left), height / (bottom - top));
  const shiftX = (width - (right - left) * scale) / 2 - left * scale;
  const shiftY = (height - (bottom - top) * scale) / 2 - top * scale;
  const at = ({ x, y }: Point): Point => ({ x: x * scale + shiftX, y: y * scale + shiftY });
  const list = (points: readonly Point[]) =>
    points
      .map(at)
      .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
      .join(' ');
  const stroke = onPick ? 4 : 2;
  const onBike = built && builtOutlines(shape, built);
  const hubs: Record<End, Point> = { rear: at(shape.rear), front: at(shape.front) };
  const radii: Record<End, number> = { rear: shape.rearRadius * scale, front: shape.frontRadius * scale };
  return (
    <View style={{ width, height }}>
      <Svg width={width} height={height} aria-hidden>
        {(['rear', 'front'] as const).map((end) => (
          <Circle
            key={end}
            cx={hubs[end].x}
            cy={hubs[end].y}
            r={radii[end]}
            fill="none"
            stroke={tones.ink}
            strokeWidth={onPick ? 2 : 1.5}
          />
        ))}
        {shape.loads.map((load, index) => (
          <Fragment key={index}>
            <Polygon points={list(load)} fill={tones.sheet} stroke={tones.ink} strokeWidth={onPick ? 2 : 1.5} />
            {hatch(load.map(at)).map(([from, to], line) => (
              <Line key={line} x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke={tones.soft} strokeWidth={0.8} />
            ))}
          </Fragment>
        ))}
        {shape.tubes.map((tube, index) => (
          <Polyline
            key={index}
            points={list(tube)}
            fill="none"
            stroke={tones.ink}
            strokeWidth={stroke}
            strokeLinejoin="round"
            strokeLinecap="round"
          />
        ))}
        {onBike ? (
          <>
            <Circle
              cx={at(onBike.motor.at).x}
              cy={at(onBike.motor.at).y}
              r={onBike.motor.radius * scale}
              fill={tones.ink}
            />
            {[onBike.battery, onBike.controller].map((outline, index) =>
              outline ? (
                <Polygon
                  key={index}
                  points={list(outline)}
                  fill={index === 0 ? tones.ink : tones.sheet}
                  stroke={tones.ink}
                  strokeWidth={2}
                />
              ) : null,
            )}
          </>
        ) : null}
        {!onPick && !built
          ? (['rear', 'front'] as const).map((end) =>
              ends[end] ? (
                <Circle
                  key={end}
                  cx={hubs[end].x}
                  cy={hubs[end].y}
                  r={6}
                  fill={tones[ends[end]]}
                  stroke={tones.ink}
                  strokeWidth={1}
                />
              ) : null,
            )
          : null}
      </Svg>
      {onPick
        ? (['rear', 'front'] as const).map((end) => {
            const verdict = ends[end] ?? 'unknown';
            return (
              <Pressable
                key={end}
                role="button"
                aria-label={`${endNames?.[end] ?? end}: ${verdictWords[verdict]}`}
                aria-pressed={selected === end}
                onPress={() => onPick(end)}
                className={`absolute items-center justify-center rounded-full border-2 border-ink ${selected === end ? 'bg-lime' : 'bg-sheet'}`}
                style={{
                  width: targetSize,
                  height: targetSize,
                  left: hubs[end].x - targetSize / 2,
                  top: hubs[end].y - targetSize / 2,
                }}
              >
                <Mark verdict={verdict} size={28} />
              </Pressable>
            );
          })
        : null}
    </View>
  );
}

/** Slanting lines inside a four-sided outline, between its left and right edge. */
function hatch([a, b, c, d]: Point[]): [Point, Point][] {
  if (!a || !b || !c || !d) return [];
  const along = (from: Point, to: Point, share: number) => ({
    x: from.x + (to.x - from.x) * share,
    y: from.y + (to.y - from.y) * share,
  });
  return Array.from({ length: 9 }, (_, index) => {
    const share = (index + 1) / 10;
    return [along(a, d, share), along(b, a, 1 - share)] as [Point, Point];
  }).concat(
    Array.from(
      { length: 8 },
      (_, index) => [along(d, c, (index + 1) / 9), along(b, c, (index + 1) / 9)] as [Point, Point],
    ),
  );
}
