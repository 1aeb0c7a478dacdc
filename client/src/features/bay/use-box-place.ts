import type { LaidBattery } from '@cricket/core/battery-bay';
import type { BoxPlace } from '@cricket/core/bay-question';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { openBoxPlace, type PlacedBox } from '@cricket/core/box-place';
import { useMemo, useState } from 'react';

import { useLive, type Live } from '../../drawing/kit/live';

export interface PushedBoxPlace {
  placed: PlacedBox;
  /** It runs into something, or does not reach. */
  isStopped: boolean;
  /** It is where it was kept. */
  isKept: boolean;
  /** So many millimetres forward, and up. */
  push: (by: readonly [forward: number, up: number]) => void;
  /** Its middle, where it is held before the page has followed. */
  live: Live<[x: number, y: number]>;
  turn: (byDeg: number) => void;
  /** Along the nearest tube, and against it. */
  align: () => void;
}

/** The controller as it is pushed about beside the battery; null while it, or the frame, is not measured. */
export function useBoxPlace(facts: BikeFacts, laid: LaidBattery): PushedBoxPlace | null {
  const open = useMemo(() => openBoxPlace(facts, laid), [facts, laid]);
  const [pushed, setPushed] = useState<BoxPlace | null>(null);
  const kept = facts.bay?.box;
  const place = pushed ?? kept ?? open?.usual;
  const placed = useMemo(() => (open && place ? open.placedAt(place) : null), [open, place]);
  const { live, push, drop } = useLive<[x: number, y: number] | null>(
    place?.at ?? null,
    (at) => at && setPushed({ at, turnDeg: place?.turnDeg ?? 0 }),
  );
  if (!open || !placed || !place) return null;
  return {
    placed,
    isStopped: placed.findings.some(({ verdict }) => verdict === 'stop'),
    isKept: kept !== undefined && same(kept, place),
    push: ([forward, up]) => {
      const [x, y] = live.get() ?? place.at;
      push([tenth(x + forward), tenth(y + up)]);
    },
    live: live as Live<[x: number, y: number]>,
    turn: (byDeg) => {
      const turned = place.turnDeg + byDeg;
      const at = live.get() ?? place.at;
      drop();
      setPushed({ at, turnDeg: turned > 90 ? turned - 180 : turned });
    },
    align: () => {
      const at = live.get() ?? place.at;
      drop();
      setPushed(open.againstTube({ ...place, at }));
    },
  };
}

const same = (one: BoxPlace, other: BoxPlace): boolean =>
  one.at[0] === other.at[0] && one.at[1] === other.at[1] && one.turnDeg === other.turnDeg;

const tenth = (value: number): number => Number(value.toFixed(1));
