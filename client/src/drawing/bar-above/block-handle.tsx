import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';

import { pushable, type PushKey } from '../kit/pushable';

interface BlockHandleProps {
  /** The part, its place, and that it can be pushed. */
  says: string;
  /** On the screen, from the drawing's left. */
  middle: number;
  width: number;
  height: number;
  /** Its middle is to be there. */
  onPush: (pixels: number) => void;
  onStep: (to: 'left' | 'right') => void;
}

const leastTarget = 24;

/** Lies over a part on the bar and takes finger, mouse and arrow keys. */
export function BlockHandle({ says, middle, width, height, onPush, onStep }: BlockHandleProps) {
  const start = useRef({ x: 0, middle: 0 });
  const target = Math.max(leastTarget, width);
  const grab = ({ nativeEvent: { pageX } }: GestureResponderEvent) => {
    start.current = { x: pageX, middle };
  };
  const move = ({ nativeEvent: { pageX } }: GestureResponderEvent) =>
    onPush(start.current.middle + pageX - start.current.x);
  const onKeyDown = (event: PushKey) => {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onStep(event.key === 'ArrowLeft' ? 'left' : 'right');
  };
  return (
    <View
      role="button"
      aria-label={says}
      {...pushable({ grab, move, onKeyDown })}
      className="absolute cursor-grab"
      style={[
        { left: middle - target / 2, top: height / 4, width: target, height: height / 2 },
        // Up and down the page still scrolls; to the sides the part is pushed.
        { touchAction: 'pan-y' } as object,
      ]}
    />
  );
}
