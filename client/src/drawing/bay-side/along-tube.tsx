import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';

import { movedBy, useHeld, type Live } from '../kit/live';
import { pushable, type PushKey } from '../kit/pushable';
import type { Point } from '@cricket/core/bay-scene';

export interface Pushed {
  value: number;
  min: number;
  max: number;
  label: string;
  /** The place in words. */
  says: string;
  /** @param isDragged - with finger or mouse, not with keys */
  onPush: (value: number, isDragged: boolean) => void;
  /** Where it is held, before the page has followed. */
  live?: Live<number>;
}

interface AlongTubeProps extends Pushed {
  /** The battery on the screen: lower rail side, upper rail side, upper, lower. */
  outline: readonly Point[];
  /** Pixels for a millimetre. */
  scale: number;
}

const leastTarget = 48;
/** Upwards is up the tube; sideways goes as the tube leans. */
const stepsUp: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10 };
const stepsAside: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowLeft: -1 };

/** Lies over the battery and takes finger, mouse and arrow keys: along the tube one millimetre is one millimetre. */
export function AlongTube({ outline, scale, value: settled, min, max, label, says, onPush, live }: AlongTubeProps) {
  const value = useHeld(live) ?? settled;
  const start = useRef({ x: 0, y: 0, value: 0 });
  const [lower, upper, upperOff, lowerOff] = outline as [Point, Point, Point, Point];
  const way: Point = [upper[0] - lower[0], upper[1] - lower[1]];
  const length = Math.hypot(...way) || 1;
  const along: Point = [way[0] / length, way[1] / length];
  const thick = Math.max(leastTarget, Math.hypot(lowerOff[0] - lower[0], lowerOff[1] - lower[1]));
  const byPx = (value - settled) * scale;
  const middle: Point = [(lower[0] + upperOff[0]) / 2, (lower[1] + upperOff[1]) / 2];
  const held = (next: number) => Math.min(max, Math.max(min, next));
  const grab = ({ nativeEvent }: GestureResponderEvent) => {
    start.current = { x: nativeEvent.pageX, y: nativeEvent.pageY, value };
  };
  const move = ({ nativeEvent }: GestureResponderEvent) => {
    const { x, y, value: from } = start.current;
    const wayPx = (nativeEvent.pageX - x) * along[0] + (nativeEvent.pageY - y) * along[1];
    onPush(held(from + wayPx / scale), true);
  };
  const onKeyDown = (event: PushKey) => {
    const step = stepsUp[event.key] ?? (stepsAside[event.key] ?? 0) * Math.sign(along[0]);
    if (step === 0) return;
    event.preventDefault();
    onPush(held(Math.round(value) + step), false);
  };
  return (
    <View
      role="slider"
      aria-label={label}
      aria-valuenow={Math.round(value)}
      aria-valuemin={Math.round(min)}
      aria-valuemax={Math.round(max)}
      aria-valuetext={says}
      testID="push-battery"
      {...pushable({ grab, move, onKeyDown })}
      className="absolute cursor-grab"
      style={[
        {
          left: middle[0] - length / 2,
          top: middle[1] - thick / 2,
          width: length,
          height: thick,
        },
        movedBy([along[0] * byPx, along[1] * byPx], [{ rotate: `${Math.atan2(along[1], along[0])}rad` }]),
        // The page stays where it is while the battery is pushed.
        { touchAction: 'none' } as object,
      ]}
    />
  );
}
