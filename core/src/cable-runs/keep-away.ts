import type { Body, CableRunsInput, Setting, Spot } from './contract';
import { neutral, type Felt, type Movements, type Range } from './movements';
import { closeLook, firstLook, fromCrank, fromDisc, spanToChain, spanToConvex } from './solids';
import type { SpanEnd } from './span-length';

/** Steps of the first look, and how many of the nearest are looked at closer. */
const steps = { steerDeg: 4, travelMm: 20, swingDeg: 2 };
const closerLooks = 6;
/** Of a step: closer than a hundredth of a millimetre nothing is gained. */
const smallestShare = 1 / 2048;
const settledMm = 1e-4;

export interface Nearest {
  mm: number;
  to: string;
}

/** What a span must stay off. */
interface Hazard {
  to: string;
  on: Body;
  /** Distance of a span that is where the hazard's body was before it moved. */
  distance: (from: Spot, to: Spot, look: number) => number;
  /** Points that move no less than any other of it: how far a movement can bring it. */
  rim: Spot[];
}

/** The least distance of a straight span to anything that turns, over everything that moves. */
export function nearestTo(one: SpanEnd, other: SpanEnd, input: CableRunsInput, moves: Movements): Nearest {
  let nearest: Nearest = { mm: Infinity, to: 'crank' };
  for (const hazard of hazardsOf(input)) {
    const mm = leastOf(one, other, hazard, moves, nearest.mm);
    if (mm < nearest.mm - 1e-9) nearest = { mm, to: hazard.to };
    if (mm === 0) break;
  }
  return nearest;
}

/** Whether any point of a span comes inside the chain's loop. */
export function runsIntoChain(one: SpanEnd, other: SpanEnd, { chain }: CableRunsInput, moves: Movements): boolean {
  if (!chain) return false;
  const distance: Hazard['distance'] = (from, to, look) => spanToChain(from, to, chain, look);
  return leastOf(one, other, { to: 'chain', on: 'frame', distance, rim: [] }, moves, settledMm) === 0;
}

function hazardsOf({ discs, crank }: CableRunsInput): Hazard[] {
  const arms = [fromCrank(crank, 1), fromCrank(crank, -1)];
  return [
    ...discs.map(({ id, centre, radiusMm, halfWidthMm, on }): Hazard => {
      const solid = fromDisc(centre, radiusMm, halfWidthMm);
      const [x, y, z] = centre;
      return {
        to: id,
        on,
        distance: (from, to, look) => spanToConvex(from, to, solid, look),
        rim: [-halfWidthMm, halfWidthMm].flatMap((wide): Spot[] => [
          [x + 1.5 * radiusMm, y + 1.5 * radiusMm, z + wide],
          [x - 1.5 * radiusMm, y - 1.5 * radiusMm, z + wide],
          [x + 1.5 * radiusMm, y - 1.5 * radiusMm, z + wide],
          [x - 1.5 * radiusMm, y + 1.5 * radiusMm, z + wide],
        ]),
      };
    }),
    {
      to: 'crank',
      on: 'frame',
      distance: (from, to, look) => Math.min(...arms.map((arm) => spanToConvex(from, to, arm, look))),
      rim: [],
    },
  ];
}

/** Of one hazard; at least `beatenMm` where it cannot come nearer than that. */
function leastOf(one: SpanEnd, other: SpanEnd, hazard: Hazard, moves: Movements, beatenMm: number): number {
  const at = (setting: Setting, look = closeLook): number =>
    hazard.distance(seen(one, hazard, moves, setting), seen(other, hazard, moves, setting), look);
  const straight = at(neutral);
  const felt = moves.feltBy([one.on, other.on, hazard.on]);
  if (straight === 0 || !(felt.steering || felt.travel || felt.swing)) return straight;
  if (straight - mostMovedMm(one, other, hazard, moves) >= beatenMm) return straight;
  const looked = settingsOf(felt, moves)
    .map((setting) => ({ setting, mm: at(setting, firstLook) }))
    .sort((a, b) => a.mm - b.mm);
  if (looked[0]!.mm === 0) return 0;
  let least = straight;
  for (const { setting } of looked.slice(0, closerLooks)) {
    least = Math.min(least, closer(setting, felt, moves, at));
    if (least === 0) break;
  }
  return least;
}

const seen = ({ on, at }: SpanEnd, hazard: Hazard, moves: Movements, setting: Setting): Spot =>
  moves.seenFrom(hazard.on, moves.placed(on, at, setting), setting);

/** No point of span or hazard moves further from where it is straight ahead, both together. */
function mostMovedMm(one: SpanEnd, other: SpanEnd, { on, rim }: Hazard, moves: Movements): number {
  const most = (range: Range) => Math.max(Math.abs(range[0]), Math.abs(range[1]));
  const movedBy = (body: Body, at: Spot) => {
    const reach = moves.reachOf(body, at);
    return (
      reach.steerMmPerDeg * most(moves.steerDeg) +
      reach.travelMmPerMm * most(moves.travelMm) +
      reach.swingMmPerDeg * most(moves.swingDeg)
    );
  };
  return (
    Math.max(movedBy(one.on, one.at), movedBy(other.on, other.at)) + Math.max(0, ...rim.map((at) => movedBy(on, at)))
  );
}

function settingsOf(felt: Felt, moves: Movements): Setting[] {
  const spread = (isFelt: boolean, [from, to]: Range, step: number): number[] => {
    if (!isFelt) return [0];
    const count = Math.max(1, Math.ceil((to - from) / step));
    return Array.from({ length: count + 1 }, (_, at) => from + ((to - from) * at) / count);
  };
  const travels = spread(felt.travel, moves.travelMm, steps.travelMm);
  const swings = spread(felt.swing, moves.swingDeg, steps.swingDeg);
  return spread(felt.steering, moves.steerDeg, steps.steerDeg).flatMap((steerDeg) =>
    travels.flatMap((travelMm) => swings.map((swingDeg) => ({ steerDeg, travelMm, swingDeg }))),
  );
}

/** Downhill from a setting, one movement after another, in steps that halve. */
function closer(start: Setting, felt: Felt, moves: Movements, at: (setting: Setting) => number): number {
  const ways = [
    ...(felt.steering ? (['steerDeg'] as const) : []),
    ...(felt.travel ? (['travelMm'] as const) : []),
    ...(felt.swing ? (['swingDeg'] as const) : []),
  ];
  let here = start;
  let mm = at(start);
  for (let share = 0.5; share > smallestShare && mm > settledMm; share /= 2) {
    for (let isFurther = true; isFurther;) {
      isFurther = false;
      for (const way of ways) {
        const [from, to] = moves[way];
        for (const by of [-share, share]) {
          const next = { ...here, [way]: Math.min(to, Math.max(from, here[way] + by * steps[way])) };
          const found = at(next);
          if (found < mm - 1e-9) [here, mm, isFurther] = [next, found, true];
        }
      }
    }
  }
  return mm <= settledMm ? 0 : mm;
}
