import type { GestureResponderEvent, ViewProps } from 'react-native';

/** A key that was pressed on something that can be pushed. */
export interface PushKey {
  key: string;
  shiftKey: boolean;
  preventDefault: () => void;
}

export interface Pushing {
  grab: (event: GestureResponderEvent) => void;
  move: (event: GestureResponderEvent) => void;
  onKeyDown: (event: PushKey) => void;
}

/** What lies over a part of a drawing and takes finger, mouse and keys; once it is held nothing takes it away. */
export function pushable({ grab, move, onKeyDown }: Pushing): ViewProps {
  return {
    tabIndex: 0,
    onStartShouldSetResponder: () => true,
    onMoveShouldSetResponder: () => true,
    onResponderTerminationRequest: () => false,
    onResponderGrant: grab,
    onResponderMove: move,
    // Only the web has keys, and its types are not React Native's.
    ...({ onKeyDown } as ViewProps),
  };
}
