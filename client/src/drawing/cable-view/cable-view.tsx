import {
  cableScale,
  cableScene,
  seenFrom,
  type CablePlan,
  type CableViewFrom,
  type HeldPlaces,
  type Point,
} from '@cricket/core/cable-scene';
import { useRef } from 'react';
import { View } from 'react-native';

import { useTones } from '../../ui/tones';
import { movedBy, useHeld, type Live } from '../kit/live';
import { SceneView } from '../kit/scene-view';
import { PlaceHandle, type Place, type PlaceHandleProps } from '../kit/place-handle';

export interface CableViewProps {
  plan: CablePlan;
  from: CableViewFrom;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
  /** The places as they can be pushed, in the order of the plan; none while they are not where they are measured. */
  places: readonly Place[];
  onPush: (id: string, by: Point) => void;
  /** Places that are held, before the page has followed. */
  live: Live<HeldPlaces>;
}

/** The bike with its cables, and places on it that can be pushed. */
export function CableView({ plan, from, width, label, places, onPush, live }: CableViewProps) {
  const tones = useTones();
  const grabbed = useRef('');
  const scene = cableScene(plan, from, width);
  const { height, at, pxPerMm } = cableScale(plan, width);
  const awayOf =
    (id: string, spot: Point) =>
    (held: HeldPlaces): Point => {
      if (!held[id]) return [0, 0];
      const [x, y] = seenFrom(from, held[id]);
      return [(x - spot[0]) * pxPerMm, (spot[1] - y) * pxPerMm];
    };
  return (
    <View style={{ width, height, overflow: 'hidden' }}>
      <SceneView scene={scene} tones={tones} label={label} />
      <HeldDots live={live} at={(spot) => at(seenFrom(from, spot))} />
      {places.map((place, index) => (
        <HeldHandle
          key={place.id}
          live={live}
          awayOf={awayOf(place.id, plan.anchors[index]!.at)}
          place={place}
          at={at(plan.anchors[index]!.at)}
          onGrab={(touched) => {
            grabbed.current = nearestPlace(plan, touched, at);
          }}
          onPush={(pixelsRight, pixelsUp) => onPush(grabbed.current, [pixelsRight / pxPerMm, pixelsUp / pxPerMm])}
          onStep={(by) => onPush(place.id, by)}
        />
      ))}
    </View>
  );
}

/** Places of the picked run are meant before others that are nearer by less than this. */
const meantPx = 14;

/** Which of the places under a finger is meant. */
function nearestPlace({ anchors }: CablePlan, touched: Point, at: (point: Point) => Point): string {
  const away = ({ at: spot, isOnPath }: CablePlan['anchors'][number]) => {
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
