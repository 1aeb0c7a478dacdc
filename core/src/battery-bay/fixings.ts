import { justMetMm } from './clear-stretch';
import type { BatteryBayInput, BayFixing, Stretch } from './contract';

/** Bands and plates hold a rail of this length, or so far from its one bolt. */
export const leastHoldMm = 100;

/** Positions at which each way of holding the rail is there. */
export interface Fixings {
  bolted: Stretch[];
  bossBand: Stretch[];
  bands: Stretch[];
}

/** Which fixings there are where the battery may lie. */
export function fixingsWithin(input: BatteryBayInput, free: readonly Stretch[]): Fixings {
  const reached = bossesOf(input).map((boss) => slotsOver(input, boss));
  const pairs = reached.flatMap((one, at) => reached.slice(at + 1).flatMap((other) => common(one, other)));
  const single = bossesOf(input).flatMap((boss, at) => common(reached[at]!, farFromAnEnd(input, boss)));
  return {
    bolted: joined(common(free, joined(pairs))),
    bossBand: joined(common(free, joined(single))),
    bands: input.rail.lengthMm >= leastHoldMm - justMetMm ? [...free] : [],
  };
}

/** Bosses that a fixing uses at a position, ascending. */
export function bossesUsed(input: BatteryBayInput, fixing: BayFixing, fromMm: number): number[] {
  if (fixing === 'bands') return [];
  return bossesOf(input)
    .filter((boss) =>
      slotsOver(input, boss).some((slot) => fromMm >= slot.fromMm - justMetMm && fromMm <= slot.toMm + justMetMm),
    )
    .sort((a, b) => a - b);
}

const bossesOf = ({ bosses, tube }: BatteryBayInput): number[] =>
  bosses.filter((boss) => boss.tube === tube).map(({ fromBbMm }) => fromBbMm);

/** Positions at which a boss lies in a slot of the rail. */
function slotsOver({ rail }: BatteryBayInput, bossMm: number): Stretch[] {
  const atRailMm = bossMm - (rail.offsetMm ?? 0);
  return rail.slotsMm.map(([from, to]) => ({ fromMm: atRailMm - to, toMm: atRailMm - from }));
}

/** Positions at which one end of the rail is far enough from a boss for a band there to hold. */
function farFromAnEnd({ rail }: BatteryBayInput, bossMm: number): Stretch[] {
  const atRailMm = bossMm - (rail.offsetMm ?? 0);
  return [
    { fromMm: -Infinity, toMm: atRailMm - leastHoldMm },
    { fromMm: atRailMm - (rail.lengthMm - leastHoldMm), toMm: Infinity },
  ];
}

/** What two lists of stretches share; stretches that just meet share a point. */
function common(ones: readonly Stretch[], others: readonly Stretch[]): Stretch[] {
  return ones.flatMap((one) =>
    others.flatMap((other) => {
      const [fromMm, toMm] = [Math.max(one.fromMm, other.fromMm), Math.min(one.toMm, other.toMm)];
      return toMm >= fromMm - justMetMm ? [{ fromMm: Math.min(fromMm, toMm), toMm: Math.max(fromMm, toMm) }] : [];
    }),
  );
}

/** Ascending, with what overlaps or meets made one. */
function joined(stretches: readonly Stretch[]): Stretch[] {
  const sorted = [...stretches].sort((a, b) => a.fromMm - b.fromMm);
  const out: Stretch[] = [];
  for (const stretch of sorted) {
    const last = out.at(-1);
    if (last && stretch.fromMm <= last.toMm + justMetMm) last.toMm = Math.max(last.toMm, stretch.toMm);
    else out.push({ ...stretch });
  }
  return out;
}
