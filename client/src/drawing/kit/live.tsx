import { useCallback, useEffect, useRef, useSyncExternalStore, useTransition, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import Svg from 'react-native-svg';

type Point = readonly [x: number, y: number];

/** Between two places that a page follows to. */
const restMs = 80;

/** Where something is held in a hand; null while nothing is. */
export interface Live<T> {
  get: () => T | null;
  set: (value: T | null) => void;
  subscribe: (listener: () => void) => () => void;
}

function createLive<T>(): Live<T> {
  let held: T | null = null;
  const listeners = new Set<() => void>();
  return {
    get: () => held,
    set: (value) => {
      held = value;
      for (const listener of listeners) listener();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

export interface Pushing<T> {
  live: Live<T>;
  push: (value: T) => void;
  /** Lets go: the page is put elsewhere, and does not follow to where it was held. */
  drop: () => void;
}

/**
 * Something that a hand pushes: it is drawn where it is held at once, and the page follows, one place after the other, as fast as it
 * can. A page that takes long for one place leaves out those in between, and never holds up the hand.
 *
 * @param settled - where the page has it
 * @param settle - tells the page; is called in a transition
 */
export function useLive<T>(settled: T, settle: (value: T) => void): Pushing<T> {
  const live = useRef<Live<T> | null>(null);
  live.current ??= createLive<T>();
  const wanted = useRef<{ value: T } | null>(null);
  const told = useRef<{ value: T } | null>(null);
  const [isBusy, start] = useTransition();
  const busy = useRef(false);
  const latest = useRef(settle);
  latest.current = settle;
  const run = useCallback(() => {
    const next = wanted.current;
    if (!next) {
      busy.current = false;
      return;
    }
    busy.current = true;
    told.current = next;
    start(() => latest.current(next.value));
  }, []);
  useEffect(() => {
    if (isBusy) return;
    busy.current = false;
    if (!wanted.current) return;
    if (wanted.current === told.current) {
      wanted.current = null;
      live.current!.set(null);
      return;
    }
    // A breath between two places: frames of the hand come first.
    busy.current = true;
    const rest = setTimeout(run, restMs);
    return () => clearTimeout(rest);
  }, [isBusy, settled, run]);
  const push = useCallback(
    (value: T) => {
      wanted.current = { value };
      live.current!.set(value);
      if (!busy.current) run();
    },
    [run],
  );
  const drop = useCallback(() => {
    wanted.current = null;
    live.current!.set(null);
  }, []);
  return { live: live.current, push, drop };
}

/** What is held now; null while nothing is. */
export function useHeld<T>(live: Live<T> | undefined): T | null {
  return useSyncExternalStore(live?.subscribe ?? never, live?.get ?? nothing, nothing);
}

const never = () => () => undefined;
const nothing = () => null;

export interface HeldProps<T> {
  live: Live<T> | undefined;
  /** On the screen, how far it is held from where it is drawn. */
  away: (held: T) => Point;
  width: number;
  height: number;
  children: ReactNode;
}

/**
 * Part of a drawing that goes with the hand at once, as a sheet over the rest: moving it paints nothing anew. What is on it is
 * drawn again only when the page has followed.
 */
export function Held<T>({ live, away, width, height, children }: HeldProps<T>) {
  const held = useHeld(live);
  return (
    <View
      style={[
        { position: 'absolute', left: 0, top: 0, width, height, pointerEvents: 'none' },
        movedBy(held === null ? [0, 0] : away(held)),
      ]}
    >
      <Svg width={width} height={height} aria-hidden>
        {children}
      </Svg>
    </View>
  );
}

/** Moves what is there already: neither laid out nor painted anew. */
export function movedBy([x, y]: Point, turn: readonly { rotate: string }[] = []): ViewStyle {
  return {
    transform: [{ translateX: x }, { translateY: y }, ...turn],
    ...({ willChange: 'transform' } as object),
  };
}
