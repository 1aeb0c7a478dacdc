import { bayLayers, bayScale, type BayPlan, type Point } from '@cricket/core/bay-scene';
import type { Verdict } from '@cricket/core/verdict';
import { View } from 'react-native';
import Svg from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { Held, useHeld, type Live } from '../kit/live';
import { PlaceHandle, type PlaceHandleProps } from '../kit/place-handle';
import { Shapes } from '../kit/scene-view';
import { AlongTube, type Pushed } from './along-tube';

export interface BaySideProps {
  plan: BayPlan;
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

/** The frame from its right side; battery and controller go with the hand that pushes them. */
export function BaySide({ plan, width, verdict, label, push, pushBox }: BaySideProps) {
  const tones = useTones();
  const scale = bayScale(plan, width);
  const { height, at, pxPerMm } = scale;
  const size = { width, height };
  const layers = bayLayers(plan, scale, { isStopped: verdict === 'stop', isBoxStopped: pushBox?.isStopped ?? false });
  const [lower, upper] = plan.battery as [Point, Point];
  const way: Point = [upper[0] - lower[0], upper[1] - lower[1]];
  const length = Math.hypot(...way) || 1;
  const alongPx = (mm: number): Point => [(way[0] / length) * mm * pxPerMm, (-way[1] / length) * mm * pxPerMm];
  const box = plan.box && middleOf(plan.box);
  const fromBox = ([x, y]: Point): Point => (box ? [(x - box[0]) * pxPerMm, (box[1] - y) * pxPerMm] : [0, 0]);
  return (
    <View style={size}>
      <View role="img" aria-label={label} style={size}>
        <Svg {...size} aria-hidden>
          <Shapes shapes={layers.frame} tones={tones} />
        </Svg>
        <Held {...size} live={push?.live} away={(held) => alongPx(held - (push?.value ?? 0))}>
          <Shapes shapes={layers.battery} tones={tones} />
        </Held>
        <Held {...size} live={pushBox?.live} away={fromBox}>
          <Shapes shapes={layers.box} tones={tones} />
        </Held>
        <Held {...size} live={undefined} away={nowhere}>
          <Shapes shapes={layers.bosses} tones={tones} />
        </Held>
      </View>
      {push ? <AlongTube outline={plan.battery.map(at)} scale={pxPerMm} {...push} /> : null}
      {pushBox && plan.box ? (
        <BoxHandle
          live={pushBox.live}
          away={fromBox}
          place={{ id: 'controller', says: pushBox.says }}
          at={at(middleOf(plan.box))}
          onPush={(right, up) => pushBox.onPush([right / pxPerMm, up / pxPerMm])}
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
