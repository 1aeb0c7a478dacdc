import type { Chosen } from '../acceptance';
import { barPlan, barScene } from '../bar-scene';
import { frameSpots } from '../battery-bay';
import { bayOfBike } from '../bay-question';
import { bayPlan, bayScene } from '../bay-scene';
import type { BikeFacts } from '../bike-facts';
import { barQuestion } from '../bar-question';
import { cableQuestion } from '../cable-question';
import { cablePlan, cableScene, straight } from '../cable-scene';
import { crankPlan, crankScene } from '../crank-scene';
import type { Said } from '../said';
import type { Letters, Scene } from '../scene';
import type { RoomStation } from '../whole-bike';
import { middleOf, wiringOfBike } from '../wiring-question';
import { wiringPlan, wiringScene } from '../wiring-scene';

/** What is as tall as it is wide takes no more of a sheet than it needs to be read. */
const squareWidth = 300;

export interface RoomLook {
  /** What there is; a drawing may take less. */
  width: number;
  /** As it is said where the drawing is looked at. */
  say: (words: Said) => string;
  letters: Letters;
}

/** A drawing, and what its numbers stand for. */
export interface RoomDrawing {
  scene: Scene;
  /** From one on; none where it has no numbers. */
  numbered: readonly string[];
}

type Draws = {
  [Station in RoomStation]?: (facts: BikeFacts, chosen: Chosen<Station>, look: RoomLook) => RoomDrawing | null;
};

const unnumbered = (scene: Scene): RoomDrawing => ({ scene, numbered: [] });

/** Stations that have a drawing; of the others the lines say everything. */
const draws: Draws = {
  bar(facts, { left, right, centre, cuts }, { width }) {
    const question = barQuestion(facts);
    if (!question) return null;
    const known = new Set(question.parts.map(({ id }) => id));
    // What was taken may name a part that the facts beside it do not have: then there is nothing to draw it from.
    if (![...left, ...right].every(({ id }) => known.has(id)) || !centre.every((id) => known.has(id))) return null;
    const plan = barPlan(question.bar, question.parts, { left, right, centre, cuts });
    return { scene: barScene(plan, width), numbered: question.parts.map(({ id }) => id) };
  },
  cranks(facts, chosen, look) {
    return facts.cranks
      ? unnumbered(crankScene(crankPlan(facts.cranks, chosen), { ...look, width: Math.min(look.width, squareWidth) }))
      : null;
  },
  bay(facts, { fromMm, fixing, bossesMm }, { width }) {
    const bay = bayOfBike(facts);
    if (bay.kind !== 'open') return null;
    const laid = bay.laidAt(fromMm);
    const plan = bayPlan(bay.input, bay.result.triangle, { ...laid, fixing, bossesMm });
    return unnumbered(bayScene(plan, Math.min(width, squareWidth), { isStopped: laid.verdict === 'stop' }));
  },
  cables(facts, _, { width, letters }) {
    const question = cableQuestion(facts);
    if (Array.isArray(question)) return null;
    const triangle = facts.frame?.tubes ? (frameSpots(facts.frame.tubes)?.triangle ?? null) : null;
    const plan = cablePlan(question.input, null, straight, 'side', 'all', triangle);
    return unnumbered(cableScene(plan, 'side', width, letters));
  },
  wiring(facts, { joins, unused }, { width }) {
    const wiring = wiringOfBike(facts);
    if (wiring.kind !== 'open') return null;
    const { plugs } = wiring.input;
    const { result } = wiring;
    const pairs = (all: readonly { a: string; b: string }[]) => all.map(({ a, b }) => `${a} ${b}`).sort();
    // What was taken was worked out by an earlier version that joined them otherwise: the lines say how.
    if (pairs(joins).join() !== pairs(result.joins).join() || unused.length !== result.unused.length) return null;
    return unnumbered(wiringScene(wiringPlan(plugs, result.joins, result.unused, middleOf(plugs)), width));
  },
};

/**
 * How a station is to be built, as a drawing.
 *
 * @param facts - what it was worked out from
 * @returns null where there is nothing to draw
 */
export function roomDrawing<Station extends RoomStation>(
  station: Station,
  facts: BikeFacts,
  chosen: Chosen<Station>,
  look: RoomLook,
): RoomDrawing | null {
  return draws[station]?.(facts, chosen as never, look) ?? null;
}
