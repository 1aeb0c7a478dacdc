import type { Chosen } from '../acceptance';
import type { BikeFacts } from '../bike-facts';
import { holdsEvery, laidByHand } from '../handlebar';
import { barQuestion } from '../bar-question';
import { bayOfBike } from '../bay-question';
import { pedalSensor } from '../pedal-sensor';
import type { PowerPathResult } from '../power-path';
import { racks } from '../racks';
import { controllerOfBike } from '../box-place';
import type { ConnectionsResult } from '../connections';
import type { Answers, RoomStation } from '../whole-bike';

type Reads = { [Station in RoomStation]: (facts: BikeFacts, answers: Answers) => Chosen<Station> | null };

/** What is chosen at a station, out of its answer; null where there is nothing to choose. */
export const chosenAt: Reads = {
  bar(facts, { bar }) {
    const question = barQuestion(facts);
    const order = facts.bar?.order;
    const layout =
      question && order && holdsEvery(order, question.parts) ? laidByHand(question, order).layout : bar?.layouts[0];
    return layout ? { left: layout.left, right: layout.right, centre: layout.centre, cuts: layout.cuts } : null;
  },
  levers: (_, { levers }) =>
    levers && {
      ends: levers.chosen.map(({ end, do: way, lever, switch: with_ }) => ({
        end,
        do: way,
        what: lever ?? with_ ?? null,
      })),
    },
  cranks({ cranks }) {
    const [way] = cranks ? pedalSensor(cranks).ways : [];
    return way
      ? { side: way.side, mount: way.mount, crank: way.crank, gapMm: way.gapMm, turnOver: way.turnOver }
      : null;
  },
  bay(facts) {
    const bay = bayOfBike(facts);
    if (bay.kind !== 'open') return null;
    const fromMm = facts.bay?.at?.fromMm ?? bay.result.chosen?.fromMm;
    if (fromMm === undefined) return null;
    const { fixing, bossesMm, clearanceMm } = bay.laidAt(fromMm);
    const { tube, battery } = bay.input;
    return { tube, fromMm, lengthMm: battery.lengthMm, fixing, bossesMm, clearanceMm };
  },
  rack({ rack }) {
    if (!rack) return null;
    const { loadKg, neededN, heldN } = racks(rack);
    return { loadKg, neededN, heldN };
  },
  controller(facts) {
    const result = controllerOfBike(facts);
    const place = facts.bay?.box;
    return result && { boxC: result.boxC, ...(place && { place }) };
  },
  power(_, { power }) {
    if (!power || !('elements' in power)) return null;
    const { currentA, dropPercent, fuseA, elements } = power as PowerPathResult;
    return {
      currentA,
      dropPercent,
      fuseA,
      elements: elements.map(({ kind, loadA, ratedA }) => ({ kind, loadA, ratedA })),
    };
  },
  cables({ cables }, answers) {
    const supplied = new Map((cables?.runs ?? []).map(({ id, suppliedMm }) => [id, suppliedMm]));
    const runs = answers.cables?.cables ?? [];
    return runs.length > 0
      ? {
          cables: runs.map(({ id, neededMm, extensions = [], tiesMm, coilAt = null }) => ({
            id,
            neededMm,
            suppliedMm: supplied.get(id) ?? 0,
            extensions,
            tiesMm,
            coilAt,
          })),
        }
      : null;
  },
  wiring(_, { wiring }) {
    if (!wiring || !('joins' in wiring)) return null;
    const { joins, unused } = wiring as ConnectionsResult;
    return { joins: joins.map(({ a, b }) => ({ a, b })), unused: unused.map(({ id }) => id) };
  },
};
