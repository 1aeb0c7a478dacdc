import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';

import { movedBy } from './live';
import { pushable, type PushKey } from './pushable';

type Point = [x: number, y: number];

/** A place that can be pushed about. */
export interface Place {
  id: string;
  /** Its name, where it is, and that it can be pushed. */
  says: string;
}

export interface PlaceHandleProps {
  place: Place;
  /** On the screen. */
  at: Point;
  /** Touched there in the drawing, in pixels: several places may lie under one finger. */
  onGrab: (at: Point) => void;
  /** So many pixels to the right, and up, since it was touched last. */
  onPush: (right: number, up: number) => void;
  /** How far it is held from there, before the page has followed. */
  away?: Point;
  /** So many millimetres, by key. */
  onStep: (by: Point) => void;
}

const size = 44;
const steps: Readonly<Record<string, Point>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
const wideStep = 10;

/** Lies over a place and takes finger, mouse and arrow keys; with Shift a centimetre. */
export function PlaceHandle({ place, at, away = [0, 0], onGrab, onPush, onStep }: PlaceHandleProps) {
  const last = useRef<Point>([0, 0]);
  const grab = ({ nativeEvent: { pageX, pageY, locationX, locationY } }: GestureResponderEvent) => {
    last.current = [pageX, pageY];
    onGrab([at[0] + away[0] - size / 2 + locationX, at[1] + away[1] - size / 2 + locationY]);
  };
  const move = ({ nativeEvent: { pageX, pageY } }: GestureResponderEvent) => {
    const [x, y] = last.current;
    last.current = [pageX, pageY];
    onPush(pageX - x, y - pageY);
  };
  const onKeyDown = (event: PushKey) => {
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    const by = event.shiftKey ? wideStep : 1;
    onStep([step[0] * by, step[1] * by]);
  };
  return (
    <View
      role="button"
      aria-label={place.says}
      testID={`place-${place.id}`}
      {...pushable({ grab, move, onKeyDown })}
      className="absolute cursor-grab rounded-full"
      style={[
        { left: at[0] - size / 2, top: at[1] - size / 2, width: size, height: size },
        movedBy(away),
        // The page stays where it is while a place is pushed.
        { touchAction: 'none' } as object,
      ]}
    />
  );
}
